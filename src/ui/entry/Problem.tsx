/** What is wrong with one field. */
export function Problem({ text }: { text: string | null }) {
  return text ? (
    <span role="alert" className="text-propolis mt-1 block font-bold">
      {text}
    </span>
  ) : null;
}
