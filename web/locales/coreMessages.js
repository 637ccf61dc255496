/**
 * Finds what the core says for the catalogue: sentences and terms stand in its sources as plain strings of PHP, and in the
 * data files of schools and cautions. More than needed does no harm; a sentence that is missed shows in English.
 */
const COMMENT = String.raw`\/\*[\s\S]*?\*\/|\/\/[^\n]*`;
const QUOTED = String.raw`'(?:[^'\\]|\\.)*'`;
const TOKEN = new RegExp(`${COMMENT}|"(?:[^"\\\\]|\\\\.)*"|${QUOTED}(?:\\s*\\.\\s*${QUOTED})*`, 'g');
const PART = /'((?:[^'\\]|\\.)*)'/g;

/** Words with a space between or one word with a capital, and no name of a file, class, key or format. */
function isSaid(text) {
  return (
    /\p{L}{2}/u.test(text) && /[ ]|^\p{Lu}\p{Ll}+$/u.test(text) && !/^[-/#~^\\%]|::|\\|<|%[sd.]|^[a-z]+[./]/u.test(text)
  );
}

/** Terms: what an enum says of itself, one word or more. */
const TERM = /=> '([\p{L} ,'-]+)',/gu;

/** Terms that are their own key: `case Steel = 'steel';`. */
const CASE = /case \w+ = '([\p{Ll} ]+)';/gu;

function php(code) {
  const found = [];
  for (const [whole] of code.matchAll(TOKEN)) {
    if (!whole.startsWith("'")) {
      continue;
    }
    const text = [...whole.matchAll(PART)].map(([, part]) => part.replaceAll(/\\(['\\])/g, '$1')).join('');
    if (isSaid(text)) {
      found.push(text);
    }
  }
  for (const [body] of code.matchAll(/match \([\s\S]*?\n\s*\}/g)) {
    found.push(...[...body.matchAll(TERM)].map(([, term]) => term));
  }
  found.push(...[...code.matchAll(CASE)].map(([, term]) => term));
  return found;
}

function json(value) {
  if (Array.isArray(value)) {
    return value.flatMap(json);
  }
  if (value === null || typeof value !== 'object') {
    return [];
  }
  return Object.entries(value).flatMap(([key, inner]) =>
    typeof inner === 'string' ? (['name', 'purpose', 'how', 'risk', 'looks', 'says', 'asks', 'after', 'cure', 'title', 'brief', 'text'].includes(key) ? [inner] : []) : json(inner),
  );
}

export const coreMessages = {
  match: (file) => /\/(core\/src|app)\/(?!Console\/).*\.php$/.test(file) || /\/data\/(schools\/.*|defects|causes)\.json$/.test(file),
  extract(file, code, onMessage) {
    const said = file.endsWith('.php') ? php(code) : json(JSON.parse(code));
    for (const text of new Set(said)) {
      onMessage({
        id: text,
        message: text,
        origin: [file, 1],
        context: undefined,
        comment: undefined,
        placeholders: {},
      });
    }
  },
};
