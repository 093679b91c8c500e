import { json } from '@sveltejs/kit';
import { libraryJsonSchema } from '$core/exchange';

export const GET = (): Response => json(libraryJsonSchema());
