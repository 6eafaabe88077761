<?php

declare(strict_types=1);

namespace Vestibra\App\Ground\Backups\Sql;

/**
 * What a copy of the database knows of files: read from the copy, so that both are of one moment. In step with how many
 * there are.
 */
final class CopiedFiles
{
    public const ALL = 'select folder, name from stored_files order by folder, name';

    /** Everything into one file, before that is moved. */
    public const AS_ONE_FILE = 'pragma wal_checkpoint(truncate); pragma journal_mode = delete';
}
