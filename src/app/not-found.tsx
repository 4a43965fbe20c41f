import Link from 'next/link';

export default function NotFound() {
  return (
    <div className="max-w-xl">
      <h1 className="mt-8 text-3xl">Page not found</h1>
      <p className="mt-2">
        There is nothing at this address. It may have been taken out.{' '}
        <Link prefetch={false} href="/">
          Back to Today
        </Link>
      </p>
    </div>
  );
}
