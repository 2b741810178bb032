import type { Page } from '@playwright/test';

/** What is wider than there is room for: the page, or a panel over it, with the px and what sticks out of it. */
export const sidewaysOf = (page: Page) =>
  page.evaluate(() => {
    const panels = [...document.querySelectorAll('[role=dialog], .MuiPaper-root')];
    return [document.documentElement, ...panels].flatMap((panel) => {
      const by = panel.scrollWidth - panel.clientWidth;
      if (by <= 0) return [];
      const edge = panel.getBoundingClientRect().left + panel.clientWidth;
      const out = [...panel.querySelectorAll('*')].findLast(
        (one) => one.getBoundingClientRect().right > edge + 1,
      );
      return [`${by} px: ${panel.className.slice(0, 60)} > ${out?.outerHTML.slice(0, 160)}`];
    });
  });
