<?php

declare(strict_types=1);

namespace Vestibra\App\Database;

use Illuminate\Database\Connectors\SQLiteConnector;
use PDO;

/**
 * Opens the database of the generation that is in use at this moment. Asked for by the link's own name it would be that of
 * a while ago: PHP remembers for two minutes where a link leads.
 */
final class CurrentGeneration extends SQLiteConnector
{
    /** @param  array<string, mixed>  $config */
    public function connect(array $config): PDO
    {
        $database = is_string($config['database'] ?? null) ? $config['database'] : '';
        $link = dirname($database);
        $target = @readlink($link);
        if ($target !== false) {
            $config['database'] = (str_starts_with($target, '/') ? $target : dirname($link)."/$target").'/'.basename($database);
        }

        return parent::connect($config);
    }
}
