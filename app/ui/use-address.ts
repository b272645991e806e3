/** The search in the address, as it will be when what was just chosen has been answered. */
import { useEffect } from 'react';
import { useLocation, useNavigate, useNavigation } from 'react-router';

/** What was asked for last and is not answered yet, before the router has said so itself. */
let asked: { readonly path: string; readonly search: string } | undefined;

/**
 * The parameters, and a way to change them. A choice made while another is
 * still being answered builds on that one, so that nothing chosen is lost:
 * the router draws what it waits for a moment after it was told, and two
 * choices can come within that moment.
 */
export function useAddress({ replace = false }: { replace?: boolean } = {}) {
  const location = useLocation();
  const navigation = useNavigation();
  const navigate = useNavigate();
  const idle = navigation.state === 'idle';
  useEffect(() => {
    if (idle) asked = undefined;
  }, [idle, location.key]);
  const coming =
    navigation.location?.pathname === location.pathname ? navigation.location.search : undefined;
  const parameters = new URLSearchParams(coming ?? location.search);
  const change = (edit: (next: URLSearchParams) => void) => {
    const last = asked?.path === location.pathname ? asked.search : undefined;
    const next = new URLSearchParams(last ?? parameters);
    edit(next);
    asked = { path: location.pathname, search: next.toString() };
    void navigate(`${location.pathname}?${asked.search}`, { preventScrollReset: true, replace });
  };
  return { parameters, change, waiting: navigation.location !== undefined };
}
