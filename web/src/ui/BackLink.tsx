import { Link } from 'react-router';

/** Over the heading of a page: where it belongs. */
export const BackLink = ({ to, label }: { to: string; label: string }) => (
  <p className="text-sm">
    <Link to={to} className="link inline-flex min-h-6 items-center">
      {label}
    </Link>
  </p>
);
