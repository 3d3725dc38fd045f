/** Runs in the page before anything of it is drawn. */
import { openYardEarly } from '@/store/yard-context';

openYardEarly();
