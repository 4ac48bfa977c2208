import type { QueryClient } from '@tanstack/react-query';
import { service } from '../api/service';
import { forgetAll } from '../away/lastSeen';

/**
 * Signs out, and takes what was seen off this device; what was typed and is not saved stays for whoever typed it.
 *
 * @throws OfflineError when the service does not answer: the session lives on there
 */
export async function signOut(client: QueryClient): Promise<void> {
    await service.session.destroy();
    await forgetAll();
    client.clear();
}
