import { type Cooling, firstStageMin, secondStageMin, twoStages } from '../prepare/cool';

/** Cooling counts in stages from here, °C. */
const hotFromC = 60;
const local = 'Local rules on cooling differ; follow yours.';

const hours = (minutes: number) => `${(minutes / 60).toFixed(1)} h`;

/** What must be said of a cooling against the usual two stages. */
export function coolingCautions(cooling: Cooling): string[] {
  if (cooling.startC <= 21) return [];
  const { firstMin, secondMin, met } = twoStages(cooling);
  const never = 'It never gets to 5 °C here: it needs the fridge or ice.';
  // the two stages are a rule for what was hot
  if (cooling.startC <= hotFromC) return secondMin === null ? [never, local] : [];
  const cautions: string[] = [];
  if (firstMin === null)
    cautions.push('It never gets to 21 °C here: cool it in the fridge or on ice.');
  else if (firstMin > firstStageMin) {
    cautions.push(
      `60 to 21 °C takes ${hours(firstMin)}, more than the usual 2 h: make it shallower, or use an ice bath.`,
    );
  }
  if (secondMin === null) cautions.push(never);
  else if (secondMin > secondStageMin) {
    cautions.push(
      `21 to 5 °C takes ${hours(secondMin)}, more than the usual 4 h; a fridge barely colder than 5 °C takes very long.`,
    );
  }
  if (!met) cautions.push(local);
  return cautions;
}
