'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { printGrams } from '@cobbet/core/amounts/printAmount';
import type { Larder } from '@cobbet/core/larder/larder';
import type { LineQuestion, ReadPart } from '@cobbet/core/lines/lineReading';
import type { ReadLine } from '@cobbet/core/lines/readRecipe';
import { newFood } from '@cobbet/core/lines/newFood';
import { choicesFor, isOpen } from '@cobbet/core/lines/understand';
import { placeWords } from '@/components/placeWords';
import { RoleMark } from '@/components/RoleMark';
import { shortName } from '@/components/shortName';
import { keepNewFood } from '@/store/larderCommands';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import type { Recipe } from './useRecipe';

const skippedWords = {
  heading: 'a heading',
  step: 'how it is made',
  note: 'a note',
  blank: '',
} as const;

function Part({ part, larder }: { part: ReadPart; larder: Larder }) {
  const ingredient = larder.get(part.ingredient);
  const aside = [
    part.raw && `from ${printGrams(part.raw.massG)} raw`,
    placeWords[part.place],
    part.optional && 'optional',
  ].filter(Boolean);
  return (
    <Box sx={{ display: 'grid', gridTemplateColumns: '22px 62px minmax(0, 1fr)', columnGap: 1 }}>
      {ingredient ? <RoleMark role={ingredient.role} /> : <span />}
      <Box
        sx={{
          fontWeight: 700,
          textAlign: 'right',
          color: part.massG > 0 ? colour.accent : colour.muted,
        }}
      >
        {part.massG > 0 ? printGrams(part.massG) : 'open'}
      </Box>
      <Box>
        {shortName(ingredient?.name ?? part.ingredient)}
        {aside.length > 0 && (
          <Box component="span" sx={{ color: colour.muted, fontSize: typeScale.note }}>
            {' '}
            {aside.join(', ')}
          </Box>
        )}
      </Box>
    </Box>
  );
}

/** A doubt, where it stands, with what settles it. */
function Doubt({
  line,
  question,
  recipe,
}: {
  line: ReadLine;
  question: LineQuestion;
  recipe: Recipe;
}) {
  const { context, pick } = recipe;
  const choices = choicesFor(line.text, question, context);
  const own = newFood(question, context.larder);
  return (
    <Box role="group" aria-label={`${question.why} ${line.text}`}>
      <Box sx={{ fontWeight: 700, color: colour.caution }}>{question.why}</Box>
      {choices.length === 0 && (
        <Box sx={{ fontSize: typeScale.note }}>
          Write it otherwise, or leave it out: the line is kept in the dip’s note.
        </Box>
      )}
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, mt: 0.5 }}>
        {choices.map(({ ingredient, part }) => (
          <Button
            key={ingredient}
            size="small"
            variant="outlined"
            sx={{ minHeight: 44, textAlign: 'left' }}
            onClick={() => pick(question.food, ingredient)}
          >
            {shortName(context.larder.get(ingredient)?.name ?? ingredient)}
            {part.massG > 0 && `, ${printGrams(part.massG)}`}
          </Button>
        ))}
        {own && choices.length > 0 && (
          <Button size="small" sx={{ minHeight: 44 }} onClick={() => void keepNewFood(own)}>
            Something new, like{' '}
            {shortName(context.larder.get(own.like)?.name ?? own.like).toLowerCase()}
          </Button>
        )}
      </Box>
    </Box>
  );
}

function Line({ line, recipe }: { line: ReadLine; recipe: Recipe }) {
  const { larder } = recipe.context;
  const asked = line.ask.filter((question) => !isOpen(question));
  const open = line.ask.flatMap((question) =>
    isOpen(question) && question.part ? [question.part] : [],
  );
  const doubtful = asked.length > 0;
  return (
    <Box
      component="li"
      sx={{
        py: 0.75,
        pl: 1.5,
        borderTop: `1px solid ${colour.line}`,
        boxShadow: doubtful ? `inset 4px 0 0 ${colour.caution}` : 'none',
      }}
    >
      <Box sx={{ fontSize: typeScale.note, color: colour.muted, overflowWrap: 'anywhere' }}>
        {line.text}
        {line.skipped !== null && ` (${skippedWords[line.skipped]})`}
      </Box>
      {[...line.parts, ...open].map((part, i) => (
        <Part key={i} part={part} larder={larder} />
      ))}
      {asked.map((question, i) => (
        <Doubt key={i} line={line} question={question} recipe={recipe} />
      ))}
    </Box>
  );
}

/** What was understood, line by line, with every doubt where it stands. */
export function ReadLines({ recipe }: { recipe: Recipe }) {
  const { title, makes, lines } = recipe.recipe;
  // its name and what it makes stand above already
  const shown = lines.filter(
    ({ text, skipped }) =>
      skipped !== 'step' &&
      !(skipped !== null && (text === title || text.startsWith(makes ?? '\n'))),
  );
  const steps = lines.filter(({ skipped }) => skipped === 'step').length;
  return (
    <Box>
      <Box component="ol" aria-label="As it is understood" sx={{ m: 0, p: 0, listStyle: 'none' }}>
        {shown.map((line) => (
          <Line key={`${line.line} ${line.text}`} line={line} recipe={recipe} />
        ))}
      </Box>
      {steps > 0 && (
        <Box sx={{ py: 1, borderTop: `1px solid ${colour.line}`, color: colour.muted }}>
          {steps} {steps === 1 ? 'line tells' : 'lines tell'} how it is made, kept in the dip’s note
        </Box>
      )}
    </Box>
  );
}
