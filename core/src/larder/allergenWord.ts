/** An allergen as it is said: `tree-nut:pine-nut` → `pine nut`. */
export function allergenWord(allergen: string): string {
  return (allergen.split(':').at(-1) ?? allergen).replaceAll('-', ' ');
}
