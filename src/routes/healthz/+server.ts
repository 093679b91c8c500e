/** For whoever watches the process: it answers, and says nothing else. */
export const GET = () => new Response('ok');
