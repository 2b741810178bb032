/** One form of a food: what must stand in the line, and what it then is. */
interface Form {
  needs: string[];
  ids: string[];
  raw?: true;
  ask?: true;
}

function formFromText(text: string): Form {
  const [needs = '', is = ''] = text.split('>').map((side) => side.trim());
  const words = is.split(/\s+/);
  const ask = words[0] === '?';
  const raw = words.at(-1) === 'raw';
  const ids = words.slice(ask ? 1 : 0, raw ? -1 : undefined);
  if (ids.length === 0) throw new Error(`“${text}” names no ingredient`);
  return {
    needs: needs === '' ? [] : needs.split(/\s+/),
    ids,
    ...(raw ? { raw } : {}),
    ...(ask ? { ask } : {}),
  };
}

/**
 * Reads the table of what foods are called.
 *
 * @param text of core/data/foods.txt
 * @param known whether an id is in the larder
 * @throws Error with the line, when it can't be read or names what is not in the larder
 */
export function foodsFromText(text: string, known: (id: string) => boolean) {
  return text
    .split('\n')
    .filter((line) => line.trim() !== '' && !line.startsWith('#'))
    .map((line) => {
      const [names = '', forms = ''] = line.split(' = ');
      const food = {
        names: names.split(',').map((name) => name.trim()),
        forms: forms.split(';').map(formFromText),
      };
      const strange = food.forms.flatMap(({ ids }) => ids).find((id) => !known(id));
      if (strange) throw new Error(`“${line}”: “${strange}” is not in the larder`);
      return food;
    });
}
