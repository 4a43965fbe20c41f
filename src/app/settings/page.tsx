import type { Metadata } from 'next';
import { database } from '@/db/open';
import { loadSettings } from '@/db/repositories/settings';
import { SettingsForm } from '@/ui/forms/SettingsForm';

export const metadata: Metadata = { title: 'Settings' };

export default function Page() {
  return <SettingsForm settings={loadSettings(database().db)} />;
}
