// The routes that every kind of document has.
import type { FastifyInstance } from 'fastify';
import type { Dependent, DocumentOf } from '../../contract/document.ts';
import type { Route } from '../../contract/route.ts';
import type { Documents } from '../store/documents.ts';
import { answerRoute } from './register.ts';

interface Id {
  readonly id: string;
}
interface AtVersion {
  readonly version: number;
}

interface DocumentRoutesOf<Body> {
  readonly get: Route<Id, undefined, undefined, DocumentOf<Body>>;
  readonly saveDraft: Route<
    Id,
    undefined,
    AtVersion & { readonly body: Body; readonly writer?: string | undefined },
    DocumentOf<Body>
  >;
  readonly dropDraft: Route<Id, undefined, AtVersion, DocumentOf<Body>>;
  readonly accept: Route<Id, undefined, AtVersion, DocumentOf<Body>>;
  readonly remove?: Route<Id, undefined, AtVersion, null>;
  readonly archive?: Route<Id, undefined, AtVersion & { readonly archived: boolean }, DocumentOf<Body>>;
  readonly dependents?: Route<Id, undefined, undefined, Dependent[]>;
}

/** What a kind of document does beyond storing the body. */
interface DocumentUseCases<Body> {
  readonly saveDraft?: (id: string, version: number, body: Body, writer: string | null) => DocumentOf<Body>;
  readonly accept?: (id: string, version: number) => DocumentOf<Body>;
  readonly remove?: (id: string, version: number) => void;
  readonly archive?: (id: string, version: number, archived: boolean) => DocumentOf<Body>;
  readonly dependents?: (id: string) => Dependent[];
}

/** Registers the routes of one kind of document. */
export function registerDocuments<Body>(
  app: FastifyInstance,
  routes: DocumentRoutesOf<Body>,
  documents: Documents<Body>,
  {
    saveDraft = (id, version, body, writer) => documents.saveDraft(id, version, body, writer),
    accept = (id, version) => documents.accept(id, version, () => null),
    remove = (id, version) => documents.remove(id, version),
    archive = (id, version, archived) => documents.archive(id, version, archived),
    dependents = () => [],
  }: DocumentUseCases<Body> = {},
): void {
  answerRoute(app, routes.get, ({ params }) => documents.inUse(params.id));
  answerRoute(app, routes.saveDraft, ({ params, body }) =>
    saveDraft(params.id, body.version, body.body, body.writer ?? null),
  );
  answerRoute(app, routes.dropDraft, ({ params, body }) => documents.dropDraft(params.id, body.version));
  answerRoute(app, routes.accept, ({ params, body }) => accept(params.id, body.version));
  if (routes.remove)
    answerRoute(app, routes.remove, ({ params, body }) => {
      remove(params.id, body.version);
      return null;
    });
  if (routes.archive)
    answerRoute(app, routes.archive, ({ params, body }) => archive(params.id, body.version, body.archived));
  if (routes.dependents)
    answerRoute(app, routes.dependents, ({ params }) => {
      documents.inUse(params.id);
      return dependents(params.id);
    });
}
