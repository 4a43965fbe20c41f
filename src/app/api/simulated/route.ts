import { simulatedWish } from '@/core/facts/simulated';
import { askSimulated } from '@/server/ask-simulated';
import { takeEntry } from '@/server/http/handle';

/** In the demo: asks a simulated station for a cold week, or a simulated scale for a swarm. */
export const POST = (request: Request) => takeEntry(request, simulatedWish, askSimulated);
