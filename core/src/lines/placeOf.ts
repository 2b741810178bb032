import type { Place } from '../mix/part';

const topWords =
  /\b(?:(?:to|for) (?:serve|serving|garnish(?:ing)?|finish(?:ing)?|drizzl\w+|scatter\w*|sprinkl\w+|decorat\w+|top(?:ping)?|dust\w*|the top|the surface|cover(?:ing)?)|as (?:a )?(?:garnish|topping)|on top|on the top|(?:over|on) (?:it|the dip|the plate|the surface)|(?:crumbled|scattered|sprinkled|drizzled|spooned|grated|poured|strewn|dusted) over)\b/;
const topStart =
  /^(?:then |and |lastly |finally )?(?:scatter|sprinkle|dust|garnish|top (?:with|it)|finish (?:with|it)|drizzle (?:with|over|on|the|\d)|decorate|strew|crumble over)\b/;
const topEnd = /\bto scatter over$|\bto (?:drizzle|sprinkle|scatter) on$|\bover$/;
const foldWords =
  /\b(?:fold(?:ed|ing)? (?:in|into|through|at|by)|(?:stir|stirred|mixed) (?:[^,]*)?\bthrough\b|(?:stir|stirred) in (?:at|by) (?:the )?(?:end|hand)|folded|through at the end)\b/;
/** Whether words say that something goes on top. */
export const saysOnTop = (own: string): boolean => topWords.test(own);

const foldStart = /^(?:then |and |lastly |finally )?fold\b/;

/**
 * Where something goes by the words around it: blended, folded in whole, or on top.
 *
 * @param line all of it, lower case
 * @param own the food's own words
 * @param heading what the heading above says, where there is one
 * @param endsWithIt whether what the line ends with is said of it too
 */
export function placeOf(
  line: string,
  own: string,
  heading: Place = 'bowl',
  endsWithIt = true,
): Place {
  if (foldStart.test(line) || foldWords.test(own)) return 'fold';
  if (topStart.test(line) || topWords.test(own) || topEnd.test(own)) return 'top';
  // what a line ends with is said of everything in it
  if (!endsWithIt) return heading;
  const tail = line.slice(
    Math.max(line.lastIndexOf(','), line.lastIndexOf(' to '), line.lastIndexOf(' for ')),
  );
  if (topWords.test(tail)) return 'top';
  return heading;
}

/** The place a heading gives to what stands under it. */
export function placeOfHeading(heading: string): Place {
  const text = heading.toLowerCase();
  if (/\bfold|stir through/.test(text)) return 'fold';
  if (/\btop(?:ping)?s?\b|serve|garnish|finish|drizzle|decorat|scatter/.test(text)) return 'top';
  return 'bowl';
}

const optionalWords =
  /\boptional(?:ly)?\b|\bif (?:you )?(?:like|liked|wish|want|using|desired|there is|you have|available|to hand)\b/;

/** Whether a line says a thing may be left out. */
export const isOptional = (line: string): boolean => optionalWords.test(line);
