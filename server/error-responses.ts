// Turns every refusal into problem details (RFC 9457) with sentences for the maker; a stale version is 409.
import type { FastifyError, FastifyReply, FastifyRequest } from 'fastify';
import { hasZodFastifySchemaValidationErrors } from 'fastify-type-provider-zod';
import type { FieldError, ProblemDetails } from '../contract/problem.ts';
import { FileFault, fileFaultOf } from './store/file-faults.ts';
import { ChangedMeanwhile, NotAcceptable, NotThere } from './store/refusals.ts';

/** Largest request body, bytes: a piece of 200 parts is about 60 kB. */
export const BODY_LIMIT_BYTES = 1_000_000;

/** Answers a request that threw: 404, 409, 413, 422 or 500 with problem details. */
export function answerError(error: FastifyError, request: FastifyRequest, reply: FastifyReply): FastifyReply {
  const problem = problemOf(error);
  if (problem.status >= 500) request.log.error({ err: error }, 'request failed');
  else request.log.info({ problem: problem.type, detail: problem.detail }, 'request refused');
  return sendProblem(reply, problem);
}

/** Answers a request for an unknown path with 404. */
export function answerNotFound(request: FastifyRequest, reply: FastifyReply): FastifyReply {
  return sendProblem(reply, notFound(`Nothing found at ${request.url.slice(0, 200)}.`));
}

/** Sends problem details with their status. */
export function sendProblem(reply: FastifyReply, problem: ProblemDetails): FastifyReply {
  return reply
    .code(problem.status)
    .header('content-type', 'application/problem+json; charset=utf-8')
    .serializer(JSON.stringify)
    .send(problem);
}

function problemOf(error: FastifyError): ProblemDetails {
  if (error instanceof NotThere) return notFound(error.message);
  if (error instanceof ChangedMeanwhile) {
    return {
      type: '/problems/changed-meanwhile',
      title: 'Edited elsewhere',
      status: 409,
      detail: error.message,
      current: error.current,
    };
  }
  const fault = error instanceof FileFault ? error.message : fileFaultOf(error);
  if (fault !== null) return { type: '/problems/file', title: 'Not saved', status: 503, detail: fault };
  if (error instanceof NotAcceptable) return notUnderstood(error.message, [...error.errors]);
  if (hasZodFastifySchemaValidationErrors(error)) {
    const errors = error.validation.map(({ instancePath, message }) => fieldError(instancePath, message ?? ''));
    return notUnderstood(`The request is not valid; nothing was changed. ${sentenceAt(errors[0])}`, errors);
  }
  switch (error.code) {
    case 'FST_ERR_CTP_BODY_TOO_LARGE':
      return {
        type: '/problems/too-large',
        title: 'Too large',
        status: 413,
        detail: 'The file is too large. Limits: 1 MB, photos 24 MB, piece files 256 MB. Nothing was changed.',
      };
    case 'FST_ERR_CTP_INVALID_JSON_BODY':
    case 'FST_ERR_CTP_EMPTY_JSON_BODY':
      return notUnderstood(`This is not valid JSON. Nothing was changed.${placeIn(error)}`);
    case 'FST_ERR_CTP_INVALID_MEDIA_TYPE':
      return notUnderstood('Send JSON (content-type application/json). Nothing was changed.');
  }
  if (error.statusCode !== undefined && error.statusCode >= 400 && error.statusCode < 500) {
    return { type: 'about:blank', title: 'Refused', status: error.statusCode, detail: error.message };
  }
  return {
    type: 'about:blank',
    title: 'Something went wrong here',
    status: 500,
    detail: 'An error occurred in Noon Ledger; nothing was changed. The log has the details.',
  };
}

// The runtime says where it stopped: at a character, near some words, or at the end.
function placeIn({ cause }: FastifyError): string {
  const said = cause instanceof Error ? cause.message : '';
  const position = /position (\d+)/.exec(said);
  if (position) return ` It stops making sense at character ${position[1] ?? ''}.`;
  const near = /(?:\.\.\.)?"(.*)" is not valid JSON$/s.exec(said);
  if (near) return ` It stops making sense near “${(near[1] ?? '').replace(/\s+/g, ' ').trim()}”.`;
  return said.startsWith('Unexpected end') ? ' The file is incomplete.' : '';
}

function notUnderstood(detail: string, errors?: FieldError[]): ProblemDetails {
  return { type: '/problems/not-understood', title: 'Not understood', status: 400, detail, ...(errors && { errors }) };
}

function notFound(detail: string): ProblemDetails {
  return { type: '/problems/not-found', title: 'Not found', status: 404, detail };
}

function fieldError(instancePath: string, message: string): FieldError {
  return { path: instancePath.replace(/^\//, '').replaceAll('/', '.'), sentence: inWords(message) };
}

// Zod's own messages are for programmers; ours (set in the schemas) end in a full stop.
function inWords(message: string): string {
  const missing = /^Invalid input: expected (\w+), received (\w+)$/.exec(message);
  if (missing) {
    const [, expected = '', received = ''] = missing;
    return received === 'undefined'
      ? 'This is missing.'
      : `This should be ${article(expected)}, not ${article(received)}.`;
  }
  const unknown = /^Unrecognized keys?: (.*)$/.exec(message);
  if (unknown) return `${unknown[1] ?? ''} has no place here.`;
  return message.endsWith('.') ? message : `${message}.`;
}

function article(type: string): string {
  return (
    { string: 'text', array: 'a list', object: 'a group of fields', null: 'nothing', boolean: 'yes or no' }[type] ??
    `a ${type}`
  );
}

function sentenceAt(error: FieldError | undefined): string {
  if (!error) return '';
  return error.path ? `At ${error.path}: ${error.sentence}` : error.sentence;
}
