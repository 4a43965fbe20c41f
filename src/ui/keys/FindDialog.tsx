'use client';

import { Command } from 'cmdk';
import { useRouter } from 'next/navigation';
import { Dialog } from 'radix-ui';
import { ALL_METHOD_NAMES } from '../../core/methods/method';
import { FIND_ACTS, METHOD_ALSO } from '../../words/find';
import { methodTitle } from '../../words/methods/methods';
import { useFocusBack } from '../controls/useFocusBack';
import { useBook } from '../frame/BookContext';
import { ALL_PLACES } from '../frame/places';

const ITEM = 'cursor-pointer px-3 py-2 font-semibold data-[selected=true]:bg-ink data-[selected=true]:text-white';

const LEAD = 'mr-4 min-h-11 font-semibold underline';

/** Finds a colony, or something to do, by a few letters. */
export function FindDialog({ onClose }: { onClose: () => void }) {
  const router = useRouter();
  const book = useBook();
  const colonies = book?.colonies ?? [];
  const nameOf = (id: string) => colonies.find((one) => one.id === id)?.name ?? '';
  const go = (href: string) => () => {
    onClose();
    router.push(href);
  };
  const focusBack = useFocusBack();
  return (
    <Dialog.Root open onOpenChange={(isOpen) => !isOpen && onClose()}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-30 bg-shade/50" />
        <Dialog.Content
          aria-describedby={undefined}
          onCloseAutoFocus={focusBack}
          className="fixed top-20 left-1/2 z-40 w-[min(32rem,94vw)] -translate-x-1/2 border-2 border-ink bg-paper"
        >
          <Dialog.Title className="sr-only">Find a colony or something to do</Dialog.Title>
          <Command label="Find a colony or something to do" loop>
            <Command.Input
              autoFocus
              placeholder="A colony, or what you want to do"
              className="w-full border-b-2 border-ink bg-paper px-3 py-3 text-lg"
            />
            <Command.List className="max-h-[60vh] overflow-y-auto py-1">
              <Command.Empty className="px-3 py-2">
                <span className="text-muted block">Nothing found. Try</span>
                <button type="button" className={LEAD} onClick={go('/methods')}>
                  the handbook of methods
                </button>
                <button type="button" className={LEAD} onClick={go('/cell-clock')}>
                  the cell clock
                </button>
                <button type="button" className={LEAD} onClick={go('/settings')}>
                  the settings
                </button>
              </Command.Empty>
              {colonies.map(({ id, name }) => (
                <Command.Item key={id} value={name} className={ITEM} onSelect={go(`/colonies/${id}`)}>
                  {name}
                </Command.Item>
              ))}
              {book?.formerNames.map(({ id, name }) => (
                <Command.Item
                  key={`was${id}${name}`}
                  value={`${name}, now ${nameOf(id)}`}
                  className={ITEM}
                  onSelect={go(`/colonies/${id}`)}
                >
                  {`${name}, now ${nameOf(id)}`}
                </Command.Item>
              ))}
              {colonies.map(({ id, name }) => (
                <Command.Item
                  key={`enter${id}`}
                  value={`Enter an inspection of ${name}`}
                  className={ITEM}
                  onSelect={go(`/colonies/${id}/inspect`)}
                >
                  {`Enter an inspection of ${name}`}
                </Command.Item>
              ))}
              {colonies.map(({ id, name }) => (
                <Command.Item
                  key={`decide${id}`}
                  value={`Choices for ${name}`}
                  className={ITEM}
                  onSelect={go(`/colonies/${id}/decide`)}
                >
                  {`Choices for ${name}`}
                </Command.Item>
              ))}
              {ALL_PLACES.map(({ href, name }) => (
                <Command.Item key={href} value={`Go to ${name}`} className={ITEM} onSelect={go(href)}>
                  {`Go to ${name}`}
                </Command.Item>
              ))}
              {FIND_ACTS.map(({ title, href, words }) => (
                <Command.Item key={title} value={title} keywords={[...words]} className={ITEM} onSelect={go(href)}>
                  {title}
                </Command.Item>
              ))}
              {ALL_METHOD_NAMES.map((method) => (
                <Command.Item
                  key={method}
                  value={`Method: ${methodTitle(method)}`}
                  keywords={[...(METHOD_ALSO[method] ?? [])]}
                  className={ITEM}
                  onSelect={go(`/methods/${method}`)}
                >
                  {`Method: ${methodTitle(method)}`}
                </Command.Item>
              ))}
              <Command.Item value="Add a colony" className={ITEM} onSelect={go('/colonies/new')}>
                Add a colony
              </Command.Item>
              <Command.Item value="Add an apiary" className={ITEM} onSelect={go('/apiaries/new')}>
                Add an apiary
              </Command.Item>
            </Command.List>
          </Command>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
