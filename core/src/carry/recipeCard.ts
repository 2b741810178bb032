import type { WrittenDip } from './writtenDip';

const usual =
  'Figures are estimates. Usual guidance on keeping holds; follow local codes and, where one applies, your licensed process.';

/** What Markdown would take for its own at the head of a line, or within one. */
const escaped = (text: string) => text.replace(/([\\`*_[\]<>])/g, '\\$1').replace(/\s+/g, ' ');

function card(
  dip: WrittenDip,
  say: { title: string; heading: string; item: string; text: (one: string) => string },
) {
  const { text } = say;
  const block = (heading: string, lines: readonly string[]) =>
    lines.length === 0 ? [] : [`${say.heading}${heading}`, '', ...lines, ''];
  return [
    `${say.title}${text(dip.name)}`,
    '',
    `Makes ${dip.makes}`,
    '',
    ...block(
      'Ingredients',
      dip.lines.map((line) => `${say.item}${text(line)}`),
    ),
    ...block(
      'Method',
      dip.steps.map((step, i) => `${i + 1}. ${text(step)}`),
    ),
    // after the method: among the ingredients its words would be read as some
    ...(dip.note === '' ? [] : [`Note: ${text(dip.note)}`, '']),
    ...(dip.contains === '' ? [] : [`Contains ${text(dip.contains)}.`, '']),
    ...(dip.source === '' ? [] : [`From ${text(dip.source)}`, '']),
    usual,
    '',
  ].join('\n');
}

/** A dip as a Markdown card. */
export const markdownCard = (dip: WrittenDip): string =>
  card(dip, { title: '# ', heading: '## ', item: '- ', text: escaped });

/** A dip as a plain card, to be pasted anywhere. */
export const textCard = (dip: WrittenDip): string =>
  card(dip, { title: '', heading: '', item: '', text: (one) => one.replace(/\s+/g, ' ') });
