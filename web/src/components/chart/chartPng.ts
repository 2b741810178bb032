/** Pixels of the picture for one of the screen, so that it is sharp on paper. */
const scale = 2;

/** The faces a drawing's letters are set in, as rules that carry their files: a picture loads nothing of the page. */
async function faceRules(): Promise<string> {
  const rules = [...document.styleSheets].flatMap((sheet) => {
    try {
      return [...sheet.cssRules].filter((rule) => rule instanceof CSSFontFaceRule);
    } catch {
      // a sheet of another place tells nothing
      return [];
    }
  });
  const latin = rules.filter((rule) => {
    const range = rule.style.getPropertyValue('unicode-range');
    return range === '' || /U\+0*0-0*FF|U\+30-39/i.test(range);
  });
  const carried = await Promise.all(
    latin.map(async (rule) => {
      const [, url] = /url\("?([^")]+)"?\)/.exec(rule.cssText) ?? [];
      if (url === undefined) return '';
      const base = rule.parentStyleSheet?.href ?? location.href;
      const answer = await fetch(new URL(url, base));
      if (!answer.ok) return '';
      const bytes = new Uint8Array(await answer.arrayBuffer());
      const text = Array.from(bytes, (byte) => String.fromCharCode(byte)).join('');
      return rule.cssText.replace(/url\("?[^")]+"?\)/, `url(data:font/woff2;base64,${btoa(text)})`);
    }),
  );
  return carried.join('\n');
}

async function drawn(source: string): Promise<HTMLImageElement> {
  const picture = new Image();
  picture.src = source;
  await picture.decode();
  // letters are set when it is drawn, not before
  const canvas = document.createElement('canvas');
  [canvas.width, canvas.height] = [1, 1];
  canvas.getContext('2d')?.drawImage(picture, 0, 0);
  await new Promise((resolve) => setTimeout(resolve, 50));
  return picture;
}

/**
 * An SVG file as a PNG, twice as fine as on the screen.
 *
 * @throws Error where this browser can't draw it
 */
export async function chartPng(chart: {
  text: string;
  widthPx: number;
  heightPx: number;
}): Promise<Blob> {
  const faces = await faceRules();
  const withFaces = chart.text.replace('<title>', `<style>${faces}</style><title>`);
  const source = `data:image/svg+xml;charset=utf-8,${encodeURIComponent(withFaces)}`;
  // faces met for the first time may come too late for the picture they are met in
  await drawn(source);
  const picture = await drawn(source);
  const canvas = document.createElement('canvas');
  canvas.width = scale * chart.widthPx;
  canvas.height = scale * chart.heightPx;
  const context = canvas.getContext('2d');
  context?.scale(scale, scale);
  context?.drawImage(picture, 0, 0);
  const blob = await new Promise<Blob | null>((resolve) => canvas.toBlob(resolve, 'image/png'));
  if (!context || !blob)
    throw new Error('This browser can’t draw the picture. The SVG has it all.');
  return blob;
}
