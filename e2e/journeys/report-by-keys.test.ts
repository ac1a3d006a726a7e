import { byKeys } from './report-an-incident.ts';

byKeys();
