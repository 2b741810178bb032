/** Tells of progress no more often than every twentieth, and of the end: each word is a message between threads. */
export function sparingly(onProgress: (share: number) => void): (share: number) => void {
  let told = 0;
  return (share) => {
    if (share < 1 && share - told < 0.05) return;
    told = share;
    onProgress(share);
  };
}
