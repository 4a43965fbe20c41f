import type { ReactNode } from 'react';
import type { ShareView } from '../../views/share-view';

/** What is told of one colony to somebody who does not have the book. */
export function SharedColony({ view }: { readonly view: ShareView }) {
  const {
    name,
    place,
    made,
    situation,
    reading,
    leaveShut,
    queen,
    queenLines,
    due,
    cells,
    methods,
    food,
    looks,
    note,
  } = view;
  return (
    <>
      <h1 className="text-2xl">{name}</h1>
      <p className="text-muted text-sm">{`${place} · as of ${made}`}</p>
      <Part title="How it stands">
        <p className="font-semibold">{situation}</p>
        {reading && (
          <>
            <p>{reading.title}</p>
            <ul className="list-disc pl-5 text-sm">
              {reading.because.map((words) => (
                <li key={words}>{words}</li>
              ))}
            </ul>
          </>
        )}
        {leaveShut && <p className="font-bold">{leaveShut}</p>}
        {note && <p className="whitespace-pre-line">{note}</p>}
      </Part>
      <Part title="Queen">
        <p>{queen}</p>
        <Lines lines={queenLines.map((words) => ({ key: words, words }))} />
      </Part>
      <Part title="What is due">
        {due.length === 0 ? (
          <p>Nothing.</p>
        ) : (
          <ul className="list-disc pl-5">
            {due.map(({ key, words, why }) => (
              <li key={key}>
                <b>{`${words}.`}</b> {why}
              </li>
            ))}
          </ul>
        )}
      </Part>
      {cells.length > 0 && (
        <Part title="Cells">
          <ul className="list-disc pl-5">
            {cells.map(({ id, label, stage, where, laid, byNow }) => (
              <li key={id}>{[`${label}: ${stage}`, where, laid, byNow].filter(Boolean).join(' · ')}</li>
            ))}
          </ul>
        </Part>
      )}
      {methods.length > 0 && (
        <Part title="Methods">
          <Lines lines={methods.map(({ id, words }) => ({ key: id, words }))} />
        </Part>
      )}
      {food.length > 0 && (
        <Part title="Food and honey">
          <Lines lines={food.map(({ id, words }) => ({ key: id, words }))} />
        </Part>
      )}
      <Part title="Inspections">
        {looks.length === 0 ? (
          <p>None is noted.</p>
        ) : (
          <table className="w-full border-collapse text-left text-sm">
            <thead>
              <tr>
                <th scope="col">Day</th>
                <th scope="col">Meant</th>
                <th scope="col">How it was searched</th>
                <th scope="col">Cells</th>
                <th scope="col">Note</th>
              </tr>
            </thead>
            <tbody>
              {looks.map(({ id, when, reading: meant, how, cells: found, note: said }) => (
                <tr key={id} className="break-inside-avoid border-b border-line align-top">
                  <th scope="row" className="py-1 pr-3 font-semibold whitespace-nowrap">
                    {when}
                  </th>
                  <td className="py-1 pr-3">{meant}</td>
                  <td className="py-1 pr-3">{how}</td>
                  <td className="py-1 pr-3">{found}</td>
                  <td className="py-1 whitespace-pre-line">{said}</td>
                </tr>
              ))}
            </tbody>
          </table>
        )}
      </Part>
      <p className="text-muted mt-6 text-sm">
        Dates are estimates from what was entered. Before bees are moved or sold, ask what your local rules on diseases
        and registration want.
      </p>
    </>
  );
}

function Part({ title, children }: { readonly title: string; readonly children: ReactNode }) {
  return (
    <section>
      <h2 className="mt-5 border-t-2 border-ink pt-1 text-lg">{title}</h2>
      {children}
    </section>
  );
}

function Lines({ lines }: { readonly lines: readonly { readonly key: string; readonly words: string }[] }) {
  return (
    <ul className="list-disc pl-5">
      {lines.map(({ key, words }) => (
        <li key={key}>{words}</li>
      ))}
    </ul>
  );
}
