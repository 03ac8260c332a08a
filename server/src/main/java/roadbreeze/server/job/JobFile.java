package roadbreeze.server.job;

/**
 * A job as a file, to be imported elsewhere.
 *
 * @param format always {@value roadbreeze.server.job.format.JobFormat#NAME}
 * @param formatVersion shape of the job in it
 */
public record JobFile(String format, int formatVersion, JobContent job) {}
