import { landInGrams, landedWithin } from './land';
import { bandsOf, type LandingRequest, mixAt, prepareLanding } from './landing';
import type { LinearSolver } from './linearProgram';
import {
  type Band,
  missOf,
  type TargetName,
  targetValue,
  targetWords,
  type Targets,
} from '../mix/targets';

/** A set of wishes that can't all be met, and by how much. */
export interface Conflict {
  targets: TargetName[];
  /** Ingredient ids of held rows whose release would settle it. */
  holds: string[];
  /** Rules, in the cook's words, of which letting one go would settle it; or which fight among themselves. */
  rules: string[];
  /** What each target still misses at the nearest that can be met, in its own unit; positive is too little. */
  shortBy: Partial<Record<TargetName, number>>;
  message: string;
}

const lands = (request: LandingRequest, solver: LinearSolver) =>
  landInGrams(request, solver, 'lands').miss <= landedWithin;

const only = (targets: Targets, names: readonly TargetName[]): Targets =>
  Object.fromEntries(
    bandsOf(targets).flatMap(({ name, band }) => (names.includes(name) ? [[name, band]] : [])),
  );

function bandText(name: TargetName, { low, high }: Band): string {
  const { decimals, unit } = targetWords[name];
  const text = (value: number) => Number(value.toFixed(decimals));
  if (low === null) return `at most ${text(high ?? 0)}${unit}`;
  if (high === null) return `at least ${text(low)}${unit}`;
  return `${text(low)}–${text(high)}${unit}`;
}

const quoted = (rules: readonly string[]) => rules.map((said) => `“${said}”`);

/** What is said where no target is in question: the rules themselves can't all hold. */
function rulesAlone(request: LandingRequest, holds: readonly number[]): string {
  const said = quoted((request.rules ?? []).map((rule) => rule.said));
  const heldNames = holds.map((index) => request.rows[index]?.ingredient.name ?? '');
  const first =
    said.length > 1
      ? `These rules can't all hold: ${said.join('; ')}.`
      : `${said[0] ?? 'It'} can't hold with what is in the bowl and its limits.`;
  return heldNames.length > 0
    ? `${first} It works if you let go of ${heldNames.join(' or ')}.`
    : first;
}

function sentence(
  request: LandingRequest,
  targets: readonly TargetName[],
  holds: readonly number[],
  rules: readonly string[],
  shortBy: Conflict['shortBy'],
): string {
  if (targets.length === 0) return rulesAlone(request, holds);
  const wants = targets.map((name) => {
    const band = request.targets[name];
    return `${targetWords[name].name} ${band ? bandText(name, band) : ''}`;
  });
  const misses = targets.flatMap((name) => {
    const miss = shortBy[name];
    if (!miss) return [];
    const { decimals, unit, name: word } = targetWords[name];
    return [
      `${word} ${Number(Math.abs(miss).toFixed(Math.max(decimals, 2)))}${unit} ${miss > 0 ? 'short' : 'over'}`,
    ];
  });
  const heldNames = holds.map((index) => request.rows[index]?.ingredient.name ?? '');
  const first =
    wants.length > 1
      ? `These can't all be met: ${wants.join('; ')}.`
      : `${wants[0]?.[0]?.toUpperCase()}${wants[0]?.slice(1)} can't be reached with what is in the bowl and its limits.`;
  const nearest = misses.length > 0 ? ` The nearest is ${misses.join(', ')}.` : '';
  const release =
    heldNames.length > 0 ? ` It works if you let go of ${heldNames.join(' or ')}.` : '';
  const without =
    rules.length > 0 ? ` It works without the rule ${quoted(rules).join(' or ')}.` : '';
  return first + nearest + release + without;
}

/** Held rows, by index, whose release alone lets a request land. */
function settlingHolds(request: LandingRequest, solver: LinearSolver): number[] {
  return request.rows.flatMap((row, index) => {
    if (!row.hold || row.place === 'top') return [];
    const rows = request.rows.map((one, i) => (i === index ? { ...one, hold: false } : one));
    return lands({ ...request, rows }, solver) ? [index] : [];
  });
}

/** Rules, as said, of which letting one go lets a request land. */
function settlingRules(request: LandingRequest, solver: LinearSolver): string[] {
  const rules = request.rules ?? [];
  return rules.flatMap((rule) => {
    const others = rules.filter((one) => one !== rule);
    return lands({ ...request, rules: others }, solver) ? [rule.said] : [];
  });
}

/**
 * Names what fights in a dip that can't land: each target alone, then the rest together, dropping every target and
 * every hold in turn.
 *
 * @param request what could not be landed
 * @param nearestMasses masses of all rows at the nearest that can be met, g
 * @returns at least one conflict
 */
export function findConflicts(
  request: LandingRequest,
  nearestMasses: readonly number[],
  solver: LinearSolver,
): Conflict[] {
  const landing = prepareLanding(request);
  const mix = mixAt(landing, nearestMasses);
  const names = bandsOf(request.targets).map(({ name }) => name);
  const missed: Conflict['shortBy'] = {};
  for (const { name, band } of bandsOf(request.targets)) {
    const value = targetValue(name, mix, landing.conditions);
    const miss = Number.isFinite(value) ? missOf(value, band) : (band.low ?? 0);
    if (Math.abs(miss) > 1e-6) missed[name] = miss;
  }
  const missedNames = names.filter((name) => missed[name] !== undefined);
  const conflict = (targets: TargetName[], asked: LandingRequest): Conflict => {
    const holds = settlingHolds(asked, solver);
    const rules = settlingRules(asked, solver);
    const shortBy = Object.fromEntries(
      targets.flatMap((name) => (missed[name] === undefined ? [] : [[name, missed[name]]])),
    ) as Conflict['shortBy'];
    return {
      targets,
      holds: [...new Set(holds.map((index) => request.rows[index]?.ingredient.id ?? ''))],
      rules,
      shortBy,
      message: sentence(request, targets, holds, rules, shortBy),
    };
  };
  const found: Conflict[] = [];
  const alone = missedNames.filter((name) => {
    const asked = { ...request, targets: only(request.targets, [name]) };
    if (lands(asked, solver)) return false;
    found.push(conflict([name], asked));
    return true;
  });
  const rest = names.filter((name) => !alone.includes(name));
  const missedOrAll = missedNames.length > 0 ? missedNames : names;
  const rulesOnly = request.rules !== undefined && !lands({ ...request, targets: {} }, solver);
  const together = { ...request, targets: only(request.targets, rest) };
  if (rest.length > 1 && !lands(together, solver)) {
    const settling = rest.filter((name) =>
      lands(
        {
          ...request,
          targets: only(
            request.targets,
            rest.filter((other) => other !== name),
          ),
        },
        solver,
      ),
    );
    const fighting =
      settling.length > 0 ? settling : rest.filter((name) => missedNames.includes(name));
    found.push(conflict(fighting.length > 0 ? fighting : rest, together));
  }
  return found.length > 0 ? found : [conflict(rulesOnly ? [] : missedOrAll, request)];
}
