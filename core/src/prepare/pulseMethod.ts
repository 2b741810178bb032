/** How dried pulses are soaked and cooked. */
export interface PulseMethod {
  soak: 'overnight' | 'hot' | 'none';
  soda: boolean;
  pressure: boolean;
  /** Skins rubbed off and poured away once they are cooked. */
  skinsOff: boolean;
}

export const usualPulseMethod: PulseMethod = {
  soak: 'overnight',
  soda: true,
  pressure: false,
  skinsOff: false,
};
