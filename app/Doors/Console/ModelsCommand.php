<?php

declare(strict_types=1);

namespace Vestibra\App\Doors\Console;

use Illuminate\Console\Command;
use Vestibra\App\Doors\Shapes\DataPage;
use Vestibra\App\Records\Models\Catalogue\Link;

final class ModelsCommand extends Command
{
    protected $signature = 'vestibra:models';

    protected $description = 'Draws tables, models and relations on one page, docs/data.md';

    public function handle(): int
    {
        file_put_contents(base_path('docs/data.md'), DataPage::write(Link::tables()));

        return self::SUCCESS;
    }
}
