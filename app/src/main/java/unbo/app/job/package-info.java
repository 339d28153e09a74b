/**
 * A job's record and its page: the section, the parts, the ten stations, the worksheet beside them.
 * Start at {@link unbo.app.job.Job} and its {@link unbo.app.job.WorkRecord}, {@link
 * unbo.app.job.Jobs} for opening and changing it, {@link unbo.app.job.JobLists} for what is open or
 * due, {@link unbo.app.job.JobPage} for the page, {@link unbo.app.job.Worksheet} to hang in a
 * station.
 */
package unbo.app.job;
