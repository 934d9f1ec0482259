package nodyes.server.backup;

/** How much of what a shop's owner knows by name is in a database. */
public record BackupCounts(
    long reviews, long orders, long products, long versions, long people, long pictures) {}
