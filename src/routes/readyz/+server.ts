import { isReady } from '$lib/server/db/ready';

/** For whoever sends traffic here: the database answers and has all that this version needs. */
export const GET = async () => {
  const trouble = await isReady();
  return trouble === null
    ? new Response('ready')
    : new Response(trouble, { status: 503, headers: { 'retry-after': '3' } });
};
