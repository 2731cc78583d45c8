import createClient from 'openapi-fetch';
import { session } from '../frame/session.svelte';
import { Problem } from './problem';
import type { paths } from './schema';

const EXPIRED = 401;

function token(): string {
  return /(?:^|; )XSRF-TOKEN=([^;]+)/.exec(document.cookie)?.[1] ?? '';
}

async function withToken(request: Request): Promise<Request> {
  if (request.method !== 'GET') {
    if (token() === '') {
      await fetch('/api/session');
    }
    request.headers.set('X-XSRF-TOKEN', token());
  }
  return request;
}

/** Sends a request; when the session has expired, waits until the person has signed in again and sends it once more. */
async function send(request: Request): Promise<Response> {
  const again = request.clone();
  let response: Response;
  try {
    response = await fetch(await withToken(request));
  } catch {
    throw new Problem('The server cannot be reached. Nothing was lost; please try again.');
  }
  if (response.status === EXPIRED) {
    await session.signInAgain();
    return fetch(await withToken(again));
  }
  return response;
}

export const api = createClient<paths>({ baseUrl: window.location.origin, fetch: send });

/** The answer to a call, or a problem that says what is wrong and where. */
export async function answer<T>(
  call: Promise<{ data?: T; error?: unknown; response: Response }>,
): Promise<T> {
  const { data, error, response } = await call;
  if (!response.ok) {
    throw Problem.from(error);
  }
  return data as T;
}

/** What a server takes of a file; more than that is not even sent. */
const LARGEST_FILE_MB = 20;

/** A form with a file, which the typed client would send as JSON. */
export function fileForm(...files: File[]): FormData {
  const form = new FormData();
  for (const file of files) {
    requireSmall(file);
    form.append('file', file);
  }
  return form;
}

function requireSmall(file: File) {
  if (file.size > LARGEST_FILE_MB * 1024 * 1024) {
    throw new Problem(
      `${file.name} is larger than ${LARGEST_FILE_MB} MB; nothing was sent.`,
      'file',
    );
  }
}

/** Such a form as the body of a call, perhaps with a part in JSON beside the file. */
export function fileBody(file: File, part?: { name: string; value: unknown }) {
  const form = fileForm(file);
  if (part) {
    form.append(part.name, new Blob([JSON.stringify(part.value)], { type: 'application/json' }));
  }
  return formBody(form);
}

/** Several files as the body of a call. */
export function filesBody(files: File[]) {
  return formBody(fileForm(...files));
}

function formBody(form: FormData) {
  return { body: form as never, bodySerializer: (body: unknown) => body as FormData };
}
