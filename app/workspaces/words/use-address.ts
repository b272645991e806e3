/** The search in the address, as it will be when what was just chosen has been answered. */
import { useNavigate, useNavigation, useSearchParams } from 'react-router';

/**
 * The parameters, and a way to change them. A choice made while another is
 * still being answered builds on that one, so that nothing chosen is lost.
 */
export function useAddress() {
  const [settled] = useSearchParams();
  const navigation = useNavigation();
  const navigate = useNavigate();
  const coming = navigation.location;
  const parameters = coming?.pathname === '/words' ? new URLSearchParams(coming.search) : settled;
  const change = (edit: (next: URLSearchParams) => void) => {
    const next = new URLSearchParams(parameters);
    edit(next);
    void navigate(`/words?${next.toString()}`, { preventScrollReset: true });
  };
  return { parameters, change, waiting: coming !== undefined };
}
