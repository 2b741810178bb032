import { fitsFree, type FreeOf } from '../advise/plausible';
import type { Ingredient, Role } from '../larder/ingredient';
import type { LandingPart } from '../landing/landParts';
import { dipMass } from '../mix/part';
import { type Proposal, propose, startFrom } from '../proposal/proposal';
import { couldStandIn } from './couldStandIn';
import { compared } from './compared';
import { type KeptName, keptNames } from './keptFigures';
import type { Candidate } from './swap';
import { conditionsWith, type SwapQuestion } from './swapQuestion';
import { swaps } from './swaps';
import { swapWords } from './swapWords';

/** One thing that went out for another. */
export interface SwappedFor {
  index: number;
  from: Ingredient;
  /** Null where it is left out. */
  to: Ingredient | null;
  /** How far it is from what it goes in for. */
  distance: number;
}

/** A dip made free of something as a whole. */
export interface FreeProposal {
  swapped: SwappedFor[];
  /** The whole dip after it, by the places there were before; null is left out, what is new stands last. */
  parts: (LandingPart | null)[];
  proposal: Proposal;
  keeps: KeptName[];
  /** How far it is from what it was, over all that was swapped; less is better. */
  distance: number;
  words: string;
}

/** What comes of making a dip free of something. */
export interface MadeFree {
  /** The nearest first, at most three. */
  proposals: FreeProposal[];
  /** Parts that carry it, by place. */
  carriers: number[];
  /** Why it can't be made so and still be itself; null where it can. */
  cannot: string | null;
}

/** A question of a whole dip: which part is in question does not matter. */
export type FreeQuestion = Omit<SwapQuestion, 'index' | 'amountBy'> & {
  /** Places that nothing else may stand in. */
  locked?: readonly number[];
};

const mostProposals = 3;
/** Candidates of one part that are followed. */
const mostTried = 4;
/** Partly swapped dips that are followed from one part to the next. */
const mostFollowed = 6;
/** So little of a dip, of what seasons it, may be left out where nothing stands in for it; how far that is (J). */
const leftOut = {
  most: 0.04,
  distance: 4,
  roles: [
    'aromatic',
    'spice',
    'herb',
    'umami',
    'crunch',
    'sweetener',
    'cheese',
  ] as const satisfies readonly Role[],
};

/** Another dip: what leads it has nothing near it (J). */
const anotherDip = 10;

interface Followed {
  parts: readonly LandingPart[];
  swapped: SwappedFor[];
}

/** The nearest things for one part of a dip that is being made free. */
function nearest(question: SwapQuestion, larder: readonly Ingredient[], free: FreeOf): Candidate[] {
  const among = couldStandIn(question, { larder, free });
  return swaps(question, among, 2 * mostTried).slice(0, mostTried);
}

/** A dip with a part left out, where it is little and only seasons it. */
function without(
  { parts, swapped }: Followed,
  index: number,
  { mayAdd }: FreeQuestion,
): Followed[] {
  const part = parts[index];
  const [nothing] = mayAdd;
  if (!part || !nothing || part.massG > leftOut.most * dipMass(parts)) return [];
  if (!leftOut.roles.some((role) => role === part.ingredient.role)) return [];
  const gone: LandingPart = { ...part, ingredient: nothing, massG: 0, cv: 0, amountText: '' };
  const { distance } = leftOut;
  return [
    {
      parts: parts.map((one, i) => (i === index ? gone : one)),
      swapped: [...swapped, { index, from: part.ingredient, to: null, distance }],
    },
  ];
}

/** Whether a place of a dip has something in it. */
const isThere = ({ massG, amountText }: LandingPart) => massG > 0 || amountText !== '';

const sumOf = ({ swapped }: Followed) => swapped.reduce((sum, { distance }) => sum + distance, 0);

function proposalOf(question: FreeQuestion, { parts: places, swapped }: Followed): FreeProposal {
  const parts = places.filter(isThere);
  const { bowl, under, targets } = question;
  const from = startFrom({ ...bowl, parts: question.parts, conditions: under.conditions });
  const to = { ...bowl, parts, conditions: conditionsWith(under, parts) };
  const names = swapped.map(({ from: out, to: into }) =>
    into ? `${into.name} for ${out.name}` : `no ${out.name}`,
  );
  const proposal = propose(from, to, targets, {
    ...{ maker: 'swap', label: `Make it free: ${names.join(', ')}`.slice(0, 120), edits: [] },
  });
  const { keeps, shifts } = compared(keptNames, proposal);
  return {
    swapped,
    parts: places.map((part) => (isThere(part) ? part : null)),
    proposal,
    keeps,
    distance: sumOf({ parts: places, swapped }),
    words: swapWords(shifts, proposal.consequences, null),
  };
}

/**
 * A whole dip made free of allergens, or of what a diet leaves out: everything that carries it is swapped, the heaviest first, each
 * with the others as they are by then, and the nearest few ways are followed side by side.
 *
 * @param question the dip, all of it kept as well as can be
 * @param larder what may go in
 */
export function madeFree(
  question: FreeQuestion,
  larder: readonly Ingredient[],
  free: FreeOf,
): MadeFree {
  const { parts } = question;
  const carriers = parts.flatMap(({ ingredient }, i) => (carries(ingredient, free) ? [i] : []));
  if (carriers.length === 0) return { proposals: [], carriers, cannot: null };
  const locked = carriers.find((index) => question.locked?.includes(index));
  if (locked !== undefined) {
    const name = parts[locked]?.ingredient.name ?? '';
    return {
      proposals: [],
      carriers,
      cannot: `${name} carries it, and nothing else may go in for it here.`,
    };
  }
  const heaviest = [...carriers].sort((a, b) => (parts[b]?.massG ?? 0) - (parts[a]?.massG ?? 0));
  let followed: Followed[] = [{ parts, swapped: [] }];
  for (const index of heaviest) {
    followed = followed
      .flatMap((one) => {
        const asked = { ...question, parts: one.parts, index, amountBy: 'strength' as const };
        const ways = nearest(asked, larder, free).map((candidate) => ({
          parts: candidate.parts,
          swapped: [
            ...one.swapped,
            {
              index,
              from: parts[index]?.ingredient ?? candidate.ingredient,
              to: candidate.ingredient,
              distance: candidate.distance,
            },
          ],
        }));
        return [...ways, ...without(one, index, question)];
      })
      .sort((a, b) => sumOf(a) - sumOf(b))
      .slice(0, mostFollowed);
    if (followed.length === 0) {
      const name = parts[index]?.ingredient.name ?? '';
      return {
        proposals: [],
        carriers,
        cannot: `Nothing in the larder can stand in for ${name} without it.`,
      };
    }
  }
  const proposals = followed.slice(0, mostProposals).map((one) => proposalOf(question, one));
  return { proposals, carriers, cannot: cannotWords(question, proposals[0]) };
}

/** Whether a thing is what a dip is to be free of, as it is: what must be cooked first is no reason. */
function carries(one: Ingredient, free: FreeOf): boolean {
  return !fitsFree({ ...one, hazards: [] }, free);
}

/** A part that is so much of a dip makes it what it is (J). */
const leadsFrom = 0.3;

/** Why a dip is no longer itself: what makes it what it is has nothing near it. */
function cannotWords(
  { parts, leadId }: FreeQuestion,
  best: FreeProposal | undefined,
): string | null {
  const dipG = dipMass(parts);
  const lost = best?.swapped.find(({ from, index, distance }) => {
    const share = (parts[index]?.massG ?? 0) / Math.max(1e-9, dipG);
    return distance >= anotherDip && (from.id === leadId || share >= leadsFrom);
  });
  return lost
    ? `Without ${lost.from.name} it is another dip${lost.to ? `: the nearest is ${lost.to.name}` : ''}.`
    : null;
}
