/** A way from raw to ready: what it starts from, and for dried pulses how. */
export interface RawWay {
  from: string;
  soak?: 'overnight' | 'hot' | 'none';
  soda?: boolean;
  pressure?: boolean;
  /** Pulse skins rubbed off. */
  skinsOff?: boolean;
  /** Salt it takes some of: g per litre of pot or brine, or g strewn on each kg. */
  saltG?: number;
  /** Tender stalks among the leaves, as a share of what goes in, 0–0.5. */
  stalkShare?: number;
  /** How much wash water still clings to leaves. */
  wet?: 'spun' | 'shaken';
}
