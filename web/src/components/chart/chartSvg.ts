/** What stands beside a drawing on the screen and belongs to it: the name of a row. */
export interface ChartLabel {
  text: string;
  /** Its middle, px from the drawing's top. */
  yPx: number;
}

/** A word over the drawing: what a place on its axis means. */
export interface ChartTick {
  text: string;
  /** Its middle, px from the drawing's left. */
  xPx: number;
}

/** How a chart is written out. */
export interface ChartPage {
  title: string;
  /** Left of the drawing. */
  labels?: readonly ChartLabel[];
  ticks?: readonly ChartTick[];
  ink: string;
  paper: string;
  /** A list of faces as CSS has it. */
  face: string;
}

/** What a drawing takes from the page's styles, by the name it has as an attribute too. */
const drawn = [
  'fill',
  'fill-opacity',
  'stroke',
  'stroke-width',
  'stroke-opacity',
  'stroke-dasharray',
  'stroke-linecap',
  'stroke-linejoin',
  'paint-order',
  'opacity',
  'font-family',
  'font-size',
  'font-weight',
  'font-style',
  'text-anchor',
  'dominant-baseline',
  'visibility',
] as const;

const namespace = 'http://www.w3.org/2000/svg';
const edge = 16;
const titleRoom = 44;
const labelRoom = 230;
const tickRoom = 20;

/** A copy of a drawing that needs no style sheet: what the page says of each shape stands on it. */
function standalone(from: Element, computed: (one: Element) => CSSStyleDeclaration): Element {
  const copy = from.cloneNode(false) as Element;
  const style = computed(from);
  for (const { name } of [...copy.attributes]) {
    if (/^(class|style|role|tabindex|aria-.*|data-.*|on.*)$/.test(name)) copy.removeAttribute(name);
  }
  for (const name of drawn) {
    const value = style.getPropertyValue(name);
    if (value !== '') copy.setAttribute(name, value);
  }
  for (const child of from.childNodes) {
    if (child.nodeType === 3) copy.append(child.cloneNode());
    if (child.nodeType !== 1) continue;
    const element = child as Element;
    if (computed(element).getPropertyValue('display') === 'none') continue;
    copy.append(standalone(element, computed));
  }
  return copy;
}

function textOf(text: string, at: Readonly<Record<string, string | number>>): Element {
  const element = document.createElementNS(namespace, 'text');
  for (const [name, value] of Object.entries(at)) element.setAttribute(name, String(value));
  element.textContent = text;
  return element;
}

/**
 * A drawing on the page as an SVG file of its own, as it is shown, under its title.
 *
 * @param svg as it stands on the page
 * @returns the file's text, and how large it is in pixels
 */
export function chartSvg(
  svg: SVGSVGElement,
  { title, labels = [], ticks = [], ink, paper, face }: ChartPage,
): { text: string; widthPx: number; heightPx: number } {
  const { width, height } = svg.getBoundingClientRect();
  const left = edge + (labels.length > 0 ? labelRoom : 0);
  const top = titleRoom + (ticks.length > 0 ? tickRoom : 0);
  const [widthPx, heightPx] = [Math.ceil(left + width + edge), Math.ceil(top + height + edge)];
  const inner = standalone(svg, getComputedStyle) as SVGSVGElement;
  const place = { x: left, y: top, width, height };
  for (const [name, value] of Object.entries(place)) inner.setAttribute(name, String(value));
  inner.setAttribute('viewBox', svg.getAttribute('viewBox') ?? `0 0 ${width} ${height}`);
  const outer = document.createElementNS(namespace, 'svg');
  outer.setAttribute('xmlns', namespace);
  outer.setAttribute('width', String(widthPx));
  outer.setAttribute('height', String(heightPx));
  outer.setAttribute('viewBox', `0 0 ${widthPx} ${heightPx}`);
  const named = document.createElementNS(namespace, 'title');
  named.textContent = title;
  const back = document.createElementNS(namespace, 'rect');
  back.setAttribute('width', '100%');
  back.setAttribute('height', '100%');
  back.setAttribute('fill', paper);
  const text = { fill: ink, 'font-family': face };
  outer.append(
    named,
    back,
    textOf(title, { ...text, x: edge, y: 28, 'font-size': 17, 'font-weight': 650 }),
    ...labels.map(({ text: label, yPx }) =>
      textOf(label.length > 34 ? `${label.slice(0, 33)}…` : label, {
        ...{ ...text, x: edge, y: top + yPx, 'font-size': 13 },
        'dominant-baseline': 'middle',
      }),
    ),
    ...ticks.map(({ text: tick, xPx }) =>
      textOf(tick, {
        ...{ ...text, x: left + xPx, y: top - 8, 'font-size': 13 },
        'text-anchor': 'middle',
      }),
    ),
    inner,
  );
  return { text: new XMLSerializer().serializeToString(outer), widthPx, heightPx };
}
