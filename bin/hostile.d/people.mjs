/**
 * How long anything may take here, ms: three seconds on a machine that plans in the usual 50 ms, longer on a busy one.
 */
export async function patience(home, person) {
  const id = (await person.ask('GET', '/api/jobs')).json[0].id;
  const { document } = (await person.ask('GET', `/api/jobs/${id}`)).json;
  const times = [];
  for (let i = 0; i < 9; i++) {
    const began = performance.now();
    await person.ask('POST', `/api/jobs/${id}/preview`, { document });
    times.push(performance.now() - began);
  }
  return Math.max(3000, 60 * times.sort((a, b) => a - b)[4]);
}

// Signs in as people of the demo and keeps their cookies.
export async function signIn(home, who) {
  const jar = new Map();
  const take = (answer) => {
    for (const line of answer.headers.getSetCookie()) {
      const [pair] = line.split(';');
      jar.set(pair.slice(0, pair.indexOf('=')), pair.slice(pair.indexOf('=') + 1));
    }
  };
  take(await fetch(`${home}/sanctum/csrf-cookie`, { headers: { Origin: home } }));
  const headers = () => ({
    Accept: 'application/json',
    Origin: home,
    Cookie: [...jar].map(([k, v]) => `${k}=${v}`).join('; '),
    'X-XSRF-TOKEN': decodeURIComponent(jar.get('XSRF-TOKEN') ?? ''),
  });
  const answer = await fetch(`${home}/api/login`, {
    method: 'POST',
    headers: { ...headers(), 'Content-Type': 'application/json' },
    body: JSON.stringify({ email: `${who}@saltmarsh.example`, password: 'harbour-light' }),
  });
  if (!answer.ok) throw new Error(`${who} cannot sign in: ${answer.status}`);
  take(answer);
  const send = (method, path, body, more = {}) =>
    fetch(home + path, {
      method,
      headers: { ...headers(), ...(body === undefined ? {} : { 'Content-Type': 'application/json' }), ...more },
      body: body === undefined ? undefined : typeof body === 'string' ? body : JSON.stringify(body),
    });
  /** The status alone, when all of the answer is there: who measures does not spend the machine's time on reading it. */
  const time = async (...request) => {
    const reply = await send(...request);
    await reply.arrayBuffer();
    return reply.status;
  };
  const ask = async (...request) => {
    const reply = await send(...request);
    const text = await reply.text();
    let json = null;
    try {
      json = JSON.parse(text);
    } catch {
      // Not everything is JSON.
    }
    return { status: reply.status, json, text, etag: reply.headers.get('ETag') };
  };
  return { who, headers, ask, time };
}
