// Sends a file for download.
import type { FastifyReply } from 'fastify';

/** A file name that says what the file is. The plain one is for old browsers, the other keeps every letter (RFC 6266). */
export async function sendFile(
  reply: FastifyReply,
  type: string,
  name: string,
  bytes: Buffer | string,
): Promise<FastifyReply> {
  const safe = name.replace(/[\\/:*?"<>|\p{Cc}]/gu, ' ').replace(/ +/g, ' ');
  const plain = safe.normalize('NFKD').replace(/[^ -~]/g, '');
  const disposition = `attachment; filename="${plain}"; filename*=UTF-8''${encodeURIComponent(safe)}`;
  return await reply.type(type).header('content-disposition', disposition).send(bytes);
}
