import { Navigate } from '../shell/route';

/** Leads from the address of Preferences before it had its name. */
export function Moved() {
  return <Navigate to="/preferences" replace />;
}
