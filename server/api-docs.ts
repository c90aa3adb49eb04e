// The documentation of the API, at /api/docs. It is served in development only, and loaded only then.
import type { FastifyInstance } from 'fastify';
import { jsonSchemaTransform } from 'fastify-type-provider-zod';

// The page styles itself inline; every other directive stays strict.
const contentSecurity =
  "default-src 'none'; script-src 'self'; connect-src 'self'; style-src 'self' 'unsafe-inline'; img-src 'self' data:; font-src 'self'; base-uri 'none'; frame-ancestors 'none'";

/** Registered before the routes it documents. */
export async function serveApiDocs(app: FastifyInstance): Promise<void> {
  const { default: swagger } = await import('@fastify/swagger');
  const { default: swaggerUi } = await import('@fastify/swagger-ui');
  await app.register(swagger, {
    openapi: {
      openapi: '3.1.0',
      info: {
        title: 'Noon Ledger',
        version: '1',
        description: 'Documents and entries of one ledger. Errors are problem details (RFC 9457).',
      },
    },
    transform: jsonSchemaTransform,
  });
  await app.register(swaggerUi, { routePrefix: '/api/docs', staticCSP: contentSecurity });
}
