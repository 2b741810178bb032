'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { secondsLeft, type Timer } from '@cobbet/core/book/timer';
import { useEffect, useRef, useState } from 'react';
import { MinutesForm } from '@/components/reading/MinutesForm';
import { useBook } from '@/store/bookStore';
import { lengthenTimer, setTimer, stopTimer } from '@/store/timerCommands';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';

const two = (value: number) => String(value).padStart(2, '0');

/** `1:04:09`, `4:09`; past its end with a plus. */
export function countdownText(seconds: number): string {
  const past = seconds < 0;
  const whole = Math.abs(seconds);
  const hours = Math.floor(whole / 3600);
  const minutes = Math.floor((whole % 3600) / 60);
  const text = hours > 0 ? `${hours}:${two(minutes)}` : String(minutes);
  return `${past ? '+' : ''}${text}:${two(whole % 60)}`;
}

/** Three notes, where the browser lets a page sound. */
function chime(): void {
  try {
    const audio = new AudioContext();
    [0, 0.35, 0.7].forEach((at, i) => {
      const tone = audio.createOscillator();
      const gain = audio.createGain();
      tone.frequency.value = 660 + 110 * i;
      gain.gain.setValueAtTime(0.25, audio.currentTime + at);
      gain.gain.exponentialRampToValueAtTime(0.001, audio.currentTime + at + 0.3);
      tone.connect(gain).connect(audio.destination);
      tone.start(audio.currentTime + at);
      tone.stop(audio.currentTime + at + 0.32);
    });
    setTimeout(() => void audio.close(), 1500);
  } catch {
    // a page nobody has touched may not sound; the bar and the title say it too
  }
}

/** Sounds once for each timer that runs out, and says so in the title until it is stopped. */
function useAlarm(timers: readonly Timer[], now: number) {
  const rung = useRef(new Set<string>());
  const out = timers.filter((timer) => secondsLeft(timer, now) <= 0);
  useEffect(() => {
    for (const { id, endsAt } of out) {
      const key = `${id} ${endsAt}`;
      if (rung.current.has(key)) continue;
      rung.current.add(key);
      chime();
    }
  });
  const label = out[0]?.label ?? null;
  useEffect(() => {
    if (label === null) return;
    const before = document.title;
    let on = true;
    const flash = setInterval(() => {
      document.title = on ? `● ${label}` : before;
      on = !on;
    }, 900);
    return () => {
      clearInterval(flash);
      document.title = before;
    };
  }, [label]);
}

/** From so many seconds before its end a timer stands large, whatever is being done (J). */
const mattersFrom = 60;

/** One timer, large: what it is for, how long still, set to another length, or stopped. */
function LargeTimer({
  timer,
  left,
  onSmaller,
}: {
  timer: Timer;
  left: number;
  /** Makes it small again; nothing where it matters. */
  onSmaller?: () => void;
}) {
  return (
    <Box
      role={left <= 0 ? 'alert' : undefined}
      sx={{
        ...{ display: 'flex', flexWrap: 'wrap', alignItems: 'center', columnGap: 1 },
        ...{ pl: 1.25, borderRadius: 1, minWidth: 0 },
        bgcolor: left <= 0 ? colour.cautionWash : colour.paper,
        border: `1px solid ${left <= 0 ? colour.caution : colour.line}`,
      }}
    >
      <Box sx={{ fontWeight: 700, fontSize: typeScale.large, fontVariantNumeric: 'tabular-nums' }}>
        {countdownText(left)}
      </Box>
      <Box sx={{ fontSize: typeScale.note, minWidth: 0, overflowWrap: 'anywhere' }}>
        {timer.label}
      </Box>
      <Button size="small" onClick={() => void lengthenTimer(timer, 5)}>
        + 5 min
      </Button>
      {onSmaller && (
        <MinutesForm
          label="From now"
          action="Set"
          least={1}
          most={6000}
          width={190}
          onMinutes={(minutes) => {
            void setTimer(timer, minutes);
            onSmaller();
          }}
        />
      )}
      <Button size="small" onClick={() => void stopTimer(timer)}>
        {left <= 0 ? 'Done' : 'Stop'}
      </Button>
      {onSmaller && (
        <Button size="small" onClick={onSmaller}>
          Smaller
        </Button>
      )}
    </Box>
  );
}

/**
 * What is being waited for, in every room; nothing while nothing is. Small until it matters: a line of type for what has long to go, large in
 * its last minute or when it is tapped.
 */
export function TimerBar() {
  const timers = useBook((state) => state.book.timers);
  const [now, setNow] = useState(() => Date.now());
  const [opened, setOpened] = useState<string | null>(null);
  const running = timers.size > 0;
  useEffect(() => {
    if (!running) return;
    const tick = setInterval(() => setNow(Date.now()), 500);
    return () => clearInterval(tick);
  }, [running]);
  const makeSmall = () => {
    setOpened(null);
    // what was just set is not told against an older moment
    setNow(Date.now());
  };
  const ordered = [...timers.values()].sort((a, b) => a.endsAt.localeCompare(b.endsAt));
  useAlarm(ordered, now);
  if (ordered.length === 0) return null;
  return (
    <Box
      component="section"
      aria-label="Timers"
      sx={{
        ...{ position: 'sticky', top: 0, zIndex: 5, display: 'flex', flexWrap: 'wrap' },
        ...{ columnGap: 2, alignItems: 'center', px: { xs: 2, sm: 3 }, bgcolor: colour.board },
        borderBottom: `1px solid ${colour.line}`,
        '@media print': { display: 'none' },
      }}
    >
      {ordered.map((timer) => {
        const left = secondsLeft(timer, now);
        const matters = left <= mattersFrom;
        if (matters || opened === timer.id) {
          return (
            <LargeTimer
              key={timer.id}
              timer={timer}
              left={left}
              {...(matters ? {} : { onSmaller: makeSmall })}
            />
          );
        }
        return (
          <Box
            key={timer.id}
            component="button"
            type="button"
            title="Set it, or stop it"
            onClick={() => setOpened(timer.id)}
            sx={{
              ...{ border: 0, bgcolor: 'transparent', color: colour.ink, p: 0, minHeight: 26 },
              ...{ font: 'inherit', fontSize: typeScale.small, cursor: 'pointer' },
              ...{ maxWidth: '100%', overflow: 'hidden', textOverflow: 'ellipsis' },
              whiteSpace: 'nowrap',
            }}
          >
            <Box component="strong" sx={{ fontVariantNumeric: 'tabular-nums' }}>
              {countdownText(left)}
            </Box>{' '}
            {timer.label}
          </Box>
        );
      })}
    </Box>
  );
}
