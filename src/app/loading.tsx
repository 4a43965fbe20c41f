export default function Loading() {
  return (
    <p className="text-muted mt-8" role="status">
      Reckoning …
    </p>
  );
}
