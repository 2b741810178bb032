/** The sizes text is set in, px; the headings' stand in the theme. Nothing is set in any other. */
export const typeScale = {
  /** Inside drawings. */
  tiny: 12,
  /** Beside a figure: units, ticks, captions. */
  small: 13,
  /** What is said under something. */
  note: 14,
  /** What is read at arm's length. */
  text: 16,
  /** What is tapped or read first at the bowl. */
  lead: 18,
  /** A suggestion, an answer. */
  large: 21,
  /** A figure that is the answer. */
  figure: 28,
  /** An ingredient at the bowl, on a wide screen. */
  title: 42,
  /** An amount at the bowl, on a wide screen. */
  amount: 80,
} as const;
