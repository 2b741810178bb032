/**
 * Draws a board as a camera sees it that leans towards it: a lid of 50 mm and a spread beside it.
 *
 * @param {import('@playwright/test').Page} page of a browser to draw in
 * @param {number} spreadMm its width
 * @param {number} tiltDeg from straight above
 * @returns {Promise<{ png: Buffer, widthPx: number, heightPx: number, lid: [number, number][], spread: [number, number][] }>} the picture, and
 *   three places on the rim of either, px
 */
export async function drawnBoard(page, spreadMm, tiltDeg) {
  const { bytes, ...rest } = await page.evaluate(
    async ({ spreadMm: wide, tiltDeg: tilt }) => {
      const [width, height, focal, distance] = [1600, 1200, 1200, 480];
      const lean = (tilt * Math.PI) / 180;
      const seen = (x, y) => {
        const far = distance + y * Math.sin(lean);
        return [width / 2 + (focal * x) / far, height / 2 + (focal * y * Math.cos(lean)) / far];
      };
      const canvas = new OffscreenCanvas(width, height);
      const brush = canvas.getContext('2d');
      if (!brush) throw new Error('no canvas');
      brush.fillStyle = '#e9e4da';
      brush.fillRect(0, 0, width, height);
      const around = (x, y, r, n, from = 0) =>
        Array.from({ length: n }, (_, i) => {
          const turn = from + (i * 2 * Math.PI) / n;
          return seen(x + r * Math.cos(turn), y + r * Math.sin(turn));
        });
      const disc = (x, y, r, colour) => {
        brush.fillStyle = colour;
        brush.beginPath();
        for (const [px, py] of around(x, y, r, 240)) brush.lineTo(px, py);
        brush.fill();
      };
      disc(40, 0, wide / 2, '#c9b184');
      disc(-95, 20, 25, '#5d6b6a');
      const blob = await canvas.convertToBlob({ type: 'image/png' });
      const bytes = Array.from(new Uint8Array(await blob.arrayBuffer()));
      const [lid, spread] = [around(-95, 20, 25, 3, 0.3), around(40, 0, wide / 2, 3, 0.5)];
      return { bytes, widthPx: width, heightPx: height, lid, spread };
    },
    { spreadMm, tiltDeg },
  );
  return { ...rest, png: Buffer.from(bytes) };
}
