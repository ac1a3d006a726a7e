import { byMouse } from './report-an-incident.ts';

byMouse();
