/** Something that is asked about, in kitchen words, and the part of docs/science.md that has more. */
export interface Meaning {
  title: string;
  says: readonly { what: string; means: string }[];
  section: string;
}

/** What the fields and words of the Larder and the Kit are. */
export const meanings = {
  composition: {
    title: 'In 100 g',
    says: [
      {
        what: 'Water, fat, protein, starch, sugars, fibre',
        means:
          'what a food table or the pack says of 100 g as it goes in. Body, what a portion holds and whether a label is owed follow from these.',
      },
      { what: 'Salt', means: 'all of it as kitchen salt; sodium on a pack times 2.5.' },
      {
        what: 'Acid',
        means:
          'how sour it is, as if all of its acid were that of lemon. Lemon juice has about 5 g.',
      },
      {
        what: 'What is left of 100 g',
        means: 'minerals and the rounding of tables; it counts as dry.',
      },
    ],
    section: 'Mass balance and volume',
  },
  acting: {
    title: 'How it acts in a dip',
    says: [
      {
        what: 'Its part',
        means: 'what it is for in a dip: how willingly Land it moves it, and the mark it has.',
      },
      {
        what: 'Blends like',
        means:
          'how its dry matter holds water and oil once it is ground. It decides most of the body; pick what it feels like between the fingers.',
      },
      {
        what: 'As raw garlic',
        means: 'how garlicky one gram is against one gram of raw garlic, crushed. A judgement.',
      },
      { what: 'Heat', means: 'how hot one gram is against one of ground cayenne. A judgement.' },
    ],
    section: 'Body',
  },
  watching: {
    title: 'What to watch for',
    says: [
      {
        what: 'Cautions it brings',
        means:
          'what a cook must know before it is eaten or kept. A dip takes them from what is in it, never from a name. Local food rules come first.',
      },
      {
        what: 'Its fat in the fridge',
        means:
          'whether its fat sets when cold, so that a dip stiffens more than starch alone does.',
      },
      { what: 'Waits', means: 'where it is kept, and so how warm it goes into the bowl.' },
    ],
    section: 'Cautions and keeping',
  },
  kitchen: {
    title: 'Your kitchen against the model',
    says: [
      {
        what: 'Looser or stiffer by',
        means:
          'how far dips made in this machine lie from what is worked out, on average, in points of body. One point is twice as stiff.',
      },
      {
        what: 'The ±',
        means:
          'two times in three it is inside. It narrows with every reading; a ring or a press narrows it more than the eye.',
      },
      {
        what: 'What it rests on',
        means:
          'every reading in this machine that is not left out, those of one dip more for that dip.',
      },
    ],
    section: 'Calibration',
  },
  house: {
    title: 'House taste',
    says: [
      {
        what: 'The range',
        means:
          'where salt, sour and garlic are right to the people here. It begins as the family’s (dashed) and is moved by every short, right and over: in making, cold, by people tasting together, and of batches that are wanted again. The Bench calls it usual here.',
      },
      {
        what: 'The ±',
        means:
          'how well its middle is known. One odd verdict moves it little; the latest 300 are heard.',
      },
      {
        what: 'How it was tasted',
        means:
          'counts: all of it where a dip is as warm as it is served and eaten with what goes with it, half of it twenty degrees off, a little less off a spoon alone.',
      },
      {
        what: 'Guests of a kind',
        means: 'have a range of their own where a tasting names them, and do not move the house’s.',
      },
    ],
    section: 'Tasting',
  },
  telling: {
    title: 'The reading that tells most',
    says: [
      {
        what: 'What it says',
        means:
          'of all ways to read the dip, the one that would leave the least doubt of how stiff it is. It is known before it is read: how good a test is does not hang on what it shows.',
      },
    ],
    section: 'Calibration',
  },
} as const satisfies Record<string, Meaning>;
