<?php

declare(strict_types=1);

// A house style as a file of design tokens (`write NAME`), or such a file from the standard input as a house style
// (`read`).

require dirname(__DIR__, 3).'/vendor/autoload.php';

use Vestibra\Core\Formats\Tokens\ReadTokens;
use Vestibra\Core\Formats\Tokens\TokensReader;
use Vestibra\Core\Formats\Tokens\TokensWriter;
use Vestibra\Core\Styling\HouseStyle;
use Vestibra\Core\Styling\HouseTokens;
use Vestibra\Core\Styling\ShippedStyles;

if ($argv[1] === 'write') {
    $style = HouseStyle::fromStored(ShippedStyles::ALL[$argv[2]][1]);
    echo json_encode(
        ['file' => TokensWriter::write($style), 'count' => count(HouseTokens::all()), 'shown' => $style->shown()],
        JSON_THROW_ON_ERROR,
    );
} else {
    $read = TokensReader::parse((string) stream_get_contents(STDIN));
    echo json_encode(
        $read instanceof ReadTokens
            ? $read->style->shown()
            : array_map(static fn ($problem): string => $problem->code->value.' '.$problem->path, $read),
        JSON_THROW_ON_ERROR,
    );
}
