import { type ComponentProps, useCallback } from 'react';
import { Link as Anchor, type NavigateOptions, useLocation as useHere } from 'wouter';

export { Redirect as Navigate, useParams, useSearchParams } from 'wouter';

interface LinkProps extends Omit<ComponentProps<'a'>, 'href'> {
  to: string;
}

/** A link to a place; with a key held it opens as the browser has it. */
export const Link = ({ to, ...rest }: LinkProps) => <Anchor href={to} {...rest} />;

/** The same, that says where one is. */
export function NavLink({ to, ...rest }: LinkProps) {
  const [here] = useHere();
  return <Link to={to} {...rest} aria-current={here === to || here.startsWith(`${to}/`) ? 'page' : undefined} />;
}

/** Goes to an address; who waits for it is there then. */
export function useNavigate() {
  const [, go] = useHere();
  return useCallback(
    async (to: string, options?: NavigateOptions) => {
      // what stands there may have to be loaded first
      await go(to, options);
    },
    [go],
  );
}

/** Where one is. */
export function useLocation(): { pathname: string; hash: string } {
  const [pathname] = useHere();
  return { pathname, hash: window.location.hash };
}
