import { Link } from 'react-router';
import { Empty } from './message.tsx';

/** What needs a register to stand on, where there is none yet: the two ways to the first. */
export const NoRegister = ({ says }: { says: string }) => (
  <Empty title="There is no register yet.">
    <p>{says}</p>
    <p className="mt-3 flex flex-wrap justify-center gap-3">
      <Link className="btn btn-go" to="/set-up/registers/new">
        Make the first register
      </Link>
      <Link className="btn" to="/bring-in">
        Bring a spreadsheet in
      </Link>
    </p>
  </Empty>
);
