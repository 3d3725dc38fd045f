/** Says that nothing can be changed here. */
export function refused(): Response {
  return Response.json(
    { error: 'Only GET is answered here: the server holds nothing of anyone.' },
    { status: 405, headers: { Allow: 'GET, HEAD' } },
  );
}
