<?php

declare(strict_types=1);

namespace Vestibra\App\Work\InAndOut\Rows;

use Vestibra\Core\Formats\Tables\TableForm;
use Vestibra\Core\Formats\Tables\TableRow;

/** A file of rows on the disk, read a piece at a time as often as it is asked for. */
final readonly class RowFile
{
    private const AT_ONCE = 65_536;

    private function __construct(
        private string $path,
        public TableForm $form,
    ) {
    }

    public static function at(string $path): self
    {
        return new self($path, TableForm::of(static fn (): iterable => self::chunks($path)));
    }

    /** @return iterable<TableRow> */
    public function rows(): iterable
    {
        return $this->form->rows(self::chunks($this->path));
    }

    /** @return iterable<string> */
    private static function chunks(string $path): iterable
    {
        $file = @fopen($path, 'rb');
        while ($file !== false && ! feof($file)) {
            $chunk = fread($file, self::AT_ONCE);
            if ($chunk === false || $chunk === '') {
                break;
            }
            yield $chunk;
        }
        $file === false || fclose($file);
    }
}
