import { failure } from '@/core/problems/issue';
import { say } from '@/core/problems/says';
import { answer } from '@/server/http/handle';

/** Nothing is taken or given here: said as everything else is said. */
const nowhere = () => answer(failure({ path: [], code: 'not-found', message: say('no-such-address') }));

export { nowhere as DELETE, nowhere as GET, nowhere as POST, nowhere as PUT };
