import type { Page } from '@playwright/test';
import { expect, signIn, test } from './bench';

const silver = '/jobs/5a17a45b-0000-4000-8000-000000000001';
const PAGES: [string, RegExp][] = [
  ['/', /MB 24 TRN/],
  ['/?view=list', /Merrowby/],
  ['/?new', /MB 24 TRN/],
  [`${silver}/car`, /MB 24 TRN/],
  [`${silver}/colour`, /bonnet edge/],
  [`${silver}/blend`, /MB 24 TRN/],
  [`${silver}/cups`, /Northlight clear/],
  [`${silver}/cup-list`, /Northlight clear/],
  [`${silver}/labels`, /Northlight clear/],
  [`${silver}/weigh?cup=base-effect`, /Marlo Tern/],
  [`${silver}/booth`, /MB 24 TRN/],
  [`${silver}/sheet`, /MB 24 TRN/],
  ['/shelf', /Northlight S/],
  ['/jobs/5a17a45b-0000-4000-8000-000000000101/look-back', /MB 20 PST/],
  ['/logbook', /MB 20 PST/],
  ['/logbook/colour?name=Saltmist+Silver&code=SM-07', /MB 20 PST/],
  ['/shelf/colours/new', /./],
  ['/shelf/tape', /./],
  ['/shelf/paint/northlight-s', /Northlight S/],
  ['/shelf/toners/new', /./],
  ['/people', /ines@/],
  ['/account', /ines@/],
  ['/calibration', /Northlight S/],
  ['/guide', /Northlight S/],
  ['/practice', /./],
  ['/practice/reach-gap', /Northlight S/],
  ['/practice/hand-silver', /Northlight S/],
  ['/practice/sandbox', /Northlight S/],
];

/** What a person, a shop or a data sheet has named is in no language: these fields of the answers, and only these. */
const NAMED = new Set([
  ...[
    'label',
    'plate',
    'code',
    'painter',
    'colour',
    'device',
    'town',
    'style',
    'note',
    'component',
    'named',
    'school',
    'by',
    'spot',
    'spots',
    'how',
    'email',
    'batch',
    'product',
    'person',
    'booth',
    'car',
    'who',
    'lesson',
    'plate',
    'label',
    'painter',
    'code',
    'was',
  ],
  ...['name', 'neighbourName', 'coatName', 'role', 'panels', 'bodyShape', 'paintSystem', 'plain'],
]);

/** Words of a format, a unit or a mark; "and" of a list and days are Intl's, in the locale of the browser. */
const ALIKE = new RegExp(
  `\\b(${[
    'Kalopsis|Ctrl|Shift|Esc|Tab|CxF|CGATS|CSV|CIEDE2000|Lab|Letter|VOC|UV',
    'DIN|ISO|ASTM|CFR|EUR',
    'mm|cm²|ml|bar|min|inch|AM|PM|and|yesterday|today|tomorrow|Monday|Tuesday|Wednesday|Thursday|Friday|Saturday|Sunday|Mon|Tue|Wed|Thu|Fri|Sat|Sun',
  ].join('|')})\\b`,
  'g',
);

/** As Intl writes dates. */
const DATE =
  /(\w+day,? )?(\d+ )?(January|February|March|April|May|June|July|August|September|October|November|December)/g;

function named(value: unknown, into: Set<string>, under = ''): void {
  if (typeof value === 'string') {
    if (NAMED.has(under)) {
      into.add(value);
    }
  } else if (Array.isArray(value)) {
    value.forEach((v) => named(v, into, under));
  } else if (value !== null && typeof value === 'object') {
    Object.entries(value).forEach(([key, v]) => named(v, into, /^\d+$/.test(key) ? under : key));
  }
}

/** Everything a reader sees or is read, one text after another. */
function told(page: Page): Promise<string[]> {
  return page.evaluate(() => {
    const texts: string[] = [document.title];
    const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
    while (walker.nextNode()) {
      if (!['STYLE', 'SCRIPT'].includes(walker.currentNode.parentElement?.tagName ?? '')) {
        texts.push(walker.currentNode.textContent ?? '');
      }
    }
    for (const name of ['aria-label', 'title', 'placeholder', 'aria-valuetext']) {
      document.querySelectorAll(`[${name}]`).forEach((e) => texts.push(e.getAttribute(name) ?? ''));
    }
    return [...new Set(texts)];
  });
}

test('no text of the pages or of the core is outside the catalogue: in a marked language nothing is plain', async ({
  page,
}) => {
  test.slow();
  await signIn(page, 'ines');
  await page.addInitScript(() => localStorage.setItem('kalopsis.language', 'pseudo'));
  const names = new Set<string>(['window', 'Ines']);
  const reading: Promise<void>[] = [];
  page.on('response', (response) => {
    if (response.headers()['content-type']?.includes('json') === true) {
      reading.push(
        response
          .json()
          .then((body: unknown) => named(body, names))
          .catch(() => undefined),
      );
    }
  });
  const plain: string[] = [];
  const look = async (where: string) => {
    await page.waitForLoadState('networkidle');
    const texts = await told(page);
    // What is shown came before: by now its answer can be read.
    await Promise.all(reading);
    const known = [...names].filter((n) => n.length > 1).sort((x, y) => y.length - x.length);
    for (const text of texts) {
      // Dates first: a name of two letters would cut a month in two.
      const undated = text.replaceAll(DATE, ' ');
      const rest = known.reduce((left, name) => left.replaceAll(new RegExp(escaped(name), 'gi'), ' '), undated);
      const words = rest.replaceAll(ALIKE, ' ').match(/(?<![\p{L}])[A-Za-z]{3,}(?![\p{L}])/gu);
      if (words !== null) {
        plain.push(`${where}: ${text.trim()} (${words.join(', ')})`);
      }
    }
  };
  for (const [path, shown] of PAGES) {
    await page.goto(path);
    await expect(page.getByText(shown).first()).toBeVisible();
    await look(path);
    if (path.endsWith('/cups')) {
      // The last first: what is opened is no longer among those that are shut.
      const shut = page.locator('main button[aria-expanded="false"]:not([aria-haspopup])');
      for (let i = (await shut.count()) - 1; i >= 0; i--) {
        await shut.nth(i).click();
        await look('cups, opened');
      }
      await expect(page.locator('dl').first()).toBeVisible();
      await page.getByTestId('check-viscosity').click();
      await expect(page.getByRole('dialog')).toBeVisible();
      await look('viscosity');
    }
    if (path.endsWith('/blend')) {
      await page.locator('button[value="walk"]').click();
      await expect(page.getByTestId('walk-says')).toBeVisible();
      await look('light walk');
      await page.locator('button[value="cut"]').click();
      await look('cross-cut');
      await page.keyboard.press('Control+k');
      await look('palette');
      await page.keyboard.press('Escape');
      await page.keyboard.press('?');
      await expect(page.getByRole('dialog')).toBeVisible();
      await look('keys');
    }
  }
  expect([...new Set(plain)]).toEqual([]);
});

function escaped(text: string): string {
  return text.replaceAll(/[.*+?^${}()|[\]\\]/g, '\\$&');
}
