import { failure } from '@/core/problems/issue';
import { answer } from '@/server/http/handle';

/** Nothing is taken or given here: said as everything else is said. */
const nowhere = () =>
  answer(
    failure({ path: [], code: 'not-found', message: 'Ubbet has no such address. Reload the page and try again.' }),
  );

export { nowhere as DELETE, nowhere as GET, nowhere as POST, nowhere as PUT };
