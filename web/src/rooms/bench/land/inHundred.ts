/** A chance in words. */
export const inHundred = (share: number) => `${Math.round(share * 100)} times in 100`;
