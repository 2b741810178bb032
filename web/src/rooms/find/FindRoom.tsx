'use client';

import Search from '@mui/icons-material/Search';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import InputBase from '@mui/material/InputBase';
import { useSearchParams } from 'next/navigation';
import { type KeyboardEvent, useEffect, useRef, useState } from 'react';
import { AllTrials } from '@/components/AllTrials';
import { filterWords } from '@/components/filterWords';
import { replaceAddress } from '@/components/replaceAddress';
import { RoomPage } from '@/components/RoomPage';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import { FoundList } from './FoundList';
import { useFind } from './useFind';

/** Typing rests this long before the address takes it up. */
const addressRestMs = 400;
const longest = 200;
const examples = [
  'watercress in May',
  'hummus without sesame',
  'trials too salty',
  'what did I change in Weir House hummus',
] as const;

/** The arrows go from the field into what was found and back. */
function moveFocus(event: KeyboardEvent<HTMLElement>) {
  const by = event.key === 'ArrowDown' ? 1 : event.key === 'ArrowUp' ? -1 : 0;
  if (by === 0) return;
  const stops = [
    ...event.currentTarget.querySelectorAll<HTMLElement>('input[type="search"], li > a'),
  ];
  const at = stops.indexOf(document.activeElement as HTMLElement);
  const next = stops[at + by];
  if (at < 0 || !next) return;
  event.preventDefault();
  next.focus();
}

function Finding() {
  const asked = useSearchParams().get('q') ?? '';
  const [text, setText] = useState(asked);
  const field = useRef<HTMLInputElement>(null);
  const rest = useRef<ReturnType<typeof setTimeout>>(undefined);
  const { query, found, problem } = useFind(text);
  useEffect(() => field.current?.focus(), []);
  useEffect(() => {
    if (text === asked) return undefined;
    rest.current = setTimeout(
      () => replaceAddress(text === '' ? '/find' : `/find?q=${encodeURIComponent(text)}`),
      addressRestMs,
    );
    return () => clearTimeout(rest.current);
  }, [text, asked]);
  const without = (said: string) => {
    setText(text.replace(said, `“${said}”`).replace(/\s+/g, ' ').trim());
    field.current?.focus();
  };
  const shown = new Map(
    query.filters.map((one) => [`${one.said} ${filterWords(one.filter)}`, one]),
  );
  return (
    <RoomPage title="Find" maxWidth={860}>
      <Box onKeyDown={moveFocus}>
        <Box
          sx={{
            ...{ display: 'flex', alignItems: 'center', gap: 1, px: 1.5, minHeight: 56 },
            ...{
              bgcolor: colour.board,
              borderRadius: 1,
              borderBottom: `2px solid ${colour.accent}`,
            },
          }}
        >
          <Search aria-hidden />
          <InputBase
            fullWidth
            inputRef={field}
            type="search"
            value={text}
            placeholder="a dip, a thing in it, a word of a note, a taste, a month"
            onChange={(event) => setText(event.target.value)}
            inputProps={{ 'aria-label': 'Find in the whole book', maxLength: longest }}
            sx={{
              fontSize: typeScale.large,
              '& input::-webkit-search-cancel-button': { filter: 'grayscale(1)' },
            }}
          />
        </Box>
        <Box
          aria-label="Understood as"
          role="group"
          sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, my: 1, minHeight: 36 }}
        >
          {[...shown.values()].map(({ said, filter }) => (
            <Button
              key={`${said} ${filterWords(filter)}`}
              size="small"
              variant="outlined"
              title="Look for these words instead"
              onClick={() => without(said)}
            >
              {filterWords(filter)}
            </Button>
          ))}
        </Box>
        {problem !== null && (
          <Box role="alert" sx={{ color: colour.caution }}>
            {problem}
          </Box>
        )}
        {text.trim() === '' ? (
          <Box sx={{ color: colour.muted, mt: 1 }}>
            Words may be misspelt. Try
            {examples.map((one) => (
              <Button key={one} size="small" onClick={() => setText(one)} sx={{ mx: 0.25 }}>
                {one}
              </Button>
            ))}
          </Box>
        ) : (
          found && (
            // on the way to what was found the address is left as it is
            <Box onClickCapture={() => clearTimeout(rest.current)}>
              <FoundList things={found.things} />
            </Box>
          )
        )}
      </Box>
    </RoomPage>
  );
}

/** The whole book looked through: words with their spelling forgiven, and what else was said in plain kitchen words. */
export function FindRoom() {
  return (
    <AllTrials>
      <Finding />
    </AllTrials>
  );
}
