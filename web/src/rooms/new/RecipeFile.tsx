'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useRef, useState } from 'react';
import { FileInput } from '@/components/FileInput';
import { colour } from '@/theme/colour';

/** A recipe out of a file: one of another program, a page that was saved, or plain text. Nothing is fetched. */
export function RecipeFile({ onText }: { onText: (text: string) => void }) {
  const input = useRef<HTMLInputElement>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const take = async (file: File | undefined) => {
    if (!file) return;
    setProblem(null);
    try {
      const text = await file.text();
      const { readRecipeFile } = await import('@cobbet/core/carry/readRecipeFile');
      onText(readRecipeFile(text)?.text ?? text);
    } catch (error) {
      const why = error instanceof Error ? error.message : 'It could not be read.';
      setProblem(`${file.name} was not taken. ${why}`);
    }
  };
  return (
    <>
      <Button variant="outlined" onClick={() => input.current?.click()}>
        From a file: a recipe, a saved page, a text
      </Button>
      <FileInput
        input={input}
        label="Recipe file"
        accept=".json,.jsonld,.html,.htm,.md,.txt,application/ld+json,text/*"
        onFiles={([file]) => void take(file)}
      />
      {problem !== null && (
        <Box role="alert" sx={{ color: colour.caution }}>
          {problem}
        </Box>
      )}
    </>
  );
}
