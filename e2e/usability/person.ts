import type { Locator, Page } from '@playwright/test';

/** What a task costs a person on a phone. */
export interface Cost {
  /** Touches of the screen, other than those of the keyboard. */
  readonly taps: number;
  /** Keys of the phone's keyboard, its Enter among them. */
  readonly characters: number;
  /** How far anything was scrolled to reach what is tapped or read. */
  readonly scrolledPx: number;
}

export interface Person extends Cost {
  /** Touches something, after scrolling to it where that is needed. */
  readonly tap: (target: Locator) => Promise<void>;
  /** Types into the field that has the focus; `\n` is Enter, which goes on to the next field. */
  readonly type: (text: string) => Promise<void>;
  /** Takes a file where one is asked for. */
  readonly takeFile: (target: Locator, file: ChosenFile) => Promise<void>;
  /** Reads a figure, after scrolling to it where that is needed. */
  readonly read: (target: Locator) => Promise<string>;
}

interface ChosenFile {
  readonly name: string;
  readonly mimeType: string;
  readonly buffer: Buffer;
}

/** Whether an element can be touched where it is: nothing stands over its upper part. Runs in the page. */
function isInReach(element: Element): boolean {
  const { left, top, width, height } = element.getBoundingClientRect();
  const hit = document.elementFromPoint(left + width / 2, top + Math.min(height, 48) / 2);
  return hit !== null && (element.contains(hit) || hit.contains(element));
}

/** Scrolls to an element; how far that was, px. Runs in the page. */
function scrollTo(element: Element, block: ScrollLogicalPosition): number {
  const holders: [Element, number][] = [];
  for (let each = element.parentElement; each !== null; each = each.parentElement) {
    holders.push([each, each.scrollTop]);
  }
  element.scrollIntoView({ block, behavior: 'instant' });
  return holders.reduce((px, [each, before]) => px + Math.abs(each.scrollTop - before), 0);
}

/** Someone with a phone in the hand, who counts. */
export function person(page: Page): Person {
  const counted = { taps: 0, characters: 0, scrolledPx: 0 };
  const bring = async (target: Locator): Promise<void> => {
    await target.waitFor();
    // As little as brings it into sight, and out from under what stands over it.
    for (const block of ['nearest', 'center'] as const) {
      if (await target.evaluate(isInReach)) return;
      counted.scrolledPx += Math.round(await target.evaluate(scrollTo, block));
    }
  };
  const tap = async (target: Locator): Promise<void> => {
    await bring(target);
    await target.tap();
    counted.taps += 1;
  };
  return {
    get taps() {
      return counted.taps;
    },
    get characters() {
      return counted.characters;
    },
    get scrolledPx() {
      return counted.scrolledPx;
    },
    tap,
    async type(text) {
      for (const line of text.split(/(\n)/)) {
        if (line === '\n') await page.keyboard.press('Enter');
        else await page.keyboard.type(line);
      }
      counted.characters += text.length;
    },
    async takeFile(target, file) {
      const [chooser] = await Promise.all([page.waitForEvent('filechooser'), tap(target)]);
      await chooser.setFiles(file);
      counted.taps += 1;
    },
    async read(target) {
      await bring(target);
      return (await target.textContent()) ?? '';
    },
  };
}
