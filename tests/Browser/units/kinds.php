<?php

declare(strict_types=1);

// Every kind as the Studio is told of it, and what the core says of each pair. Prints JSON.

require dirname(__DIR__, 3).'/vendor/autoload.php';

use Vestibra\Blocks\Kinds;
use Vestibra\Core\Messages\Messages;
use Vestibra\Core\Pages\SubjectKind;

$schema = Kinds::composer()->schema;
$messages = new Messages('en_GB', require dirname(__DIR__, 3).'/shop/messages/en.php');
$definitions = $holds = $fits = [];
foreach ($schema->all() as $one) {
    $definitions[] = array_diff_key($one->describe($messages), ['settings' => true, 'pieces' => true]);
    foreach ($schema->all() as $other) {
        if ($schema->mayHold($one->kind, $other->kind)) {
            $holds[] = [$one->kind, $other->kind];
        }
    }
    foreach (SubjectKind::cases() as $subject) {
        if ($one->fits($subject)) {
            $fits[] = [$one->kind, $subject->value];
        }
    }
}
echo json_encode([
    'definitions' => $definitions,
    'subjects' => array_column(SubjectKind::cases(), 'value'),
    'holds' => $holds,
    'fits' => $fits,
], JSON_THROW_ON_ERROR);
