import { idParams } from '../basics.ts';
import { endpoint } from '../endpoint.ts';
import { paths } from '../paths.ts';
import { jobSchema, jobsSchema } from './schemas.ts';

/** The calls of jobs. */
export const jobsEndpoints = {
  jobs: endpoint(paths.jobs, 'Jobs that wait, run or failed for good, and those that ended within a day', {
    answer: jobsSchema,
    setup: 'registers',
  }),
  job: endpoint(paths.job, 'How far a job has come, and what came of it', { params: idParams, answer: jobSchema }),
  stopJob: endpoint(paths.stopJob, 'Stop a job; what it has done stays done', { params: idParams, answer: jobSchema }),
  tryJobAgain: endpoint(paths.tryJobAgain, 'Try a job again that failed for good', {
    params: idParams,
    answer: jobSchema,
  }),
  takeBackup: endpoint(paths.takeBackup, 'Begin to take a backup into its folder, by a job', {
    answer: jobSchema,
    setup: 'registers',
    status: 202,
  }),
  clearFiles: endpoint(paths.clearFiles, 'Begin to clear the files that belong to no record', {
    answer: jobSchema,
    setup: 'registers',
    status: 202,
  }),
};
