<?php

declare(strict_types=1);

namespace Vestibra\Tools;

use PhpParser\Node;
use PhpParser\Node\Expr;
use PhpParser\Node\Scalar;
use PhpParser\Node\Stmt;
use PhpParser\NodeFinder;
use PhpParser\ParserFactory;
use Random\Engine\Mt19937;
use Random\Randomizer;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;

/*
 * Plants faults in a room of the core, one at a time, and says which of them no test notices: bin/mutate.
 *
 * A fault is a piece of text in the place of another: nothing else of the file changes. It is tried with the tests that
 * run through its line, until the first that fails.
 */

require dirname(__DIR__).'/vendor/autoload.php';

/** One piece of code that could be wrong in another way. */
final readonly class Fault
{
    public function __construct(
        public string $file,
        public int $line,
        public int $from,
        public int $to,
        public string $instead,
        public string $kind,
    ) {
    }
}

/** Finds what could be wrong in a file. */
final class Faults
{
    private const OTHER = [
        Expr\BinaryOp\Smaller::class => '<=', Expr\BinaryOp\SmallerOrEqual::class => '<',
        Expr\BinaryOp\Greater::class => '>=', Expr\BinaryOp\GreaterOrEqual::class => '>',
        Expr\BinaryOp\Identical::class => '!==', Expr\BinaryOp\NotIdentical::class => '===',
        Expr\BinaryOp\Equal::class => '!=', Expr\BinaryOp\NotEqual::class => '==',
        Expr\BinaryOp\Plus::class => '-', Expr\BinaryOp\Minus::class => '+',
        Expr\BinaryOp\Mul::class => '/', Expr\BinaryOp\Div::class => '*',
        Expr\BinaryOp\BooleanAnd::class => '||', Expr\BinaryOp\BooleanOr::class => '&&',
    ];

    /** Functions that give back what they are given, in another way. */
    private const THROUGH = [
        'array_unique', 'array_filter', 'array_reverse', 'trim', 'sort', 'abs', 'mb_strtolower', 'strtolower',
        'rtrim', 'ltrim', 'ucfirst', 'lcfirst', 'floor', 'ceil', 'round', 'nl2br', 'htmlspecialchars', 'array_keys',
    ];

    /** @return list<Fault> */
    public static function in(string $file): array
    {
        $code = (string) file_get_contents($file);
        $ast = (new ParserFactory)->createForHostVersion()->parse($code) ?? [];
        $begins = (int) strpos($code, "\nnamespace ") + 1;
        $faults = [];
        foreach ((new NodeFinder)->find($ast, static fn (Node $node): bool => true) as $node) {
            if ($node->getStartFilePos() < $begins) {
                continue;
            }
            foreach (self::of($node, $code) as [$at, $instead, $kind]) {
                [$from, $to] = [$at->getStartFilePos(), $at->getEndFilePos() + 1];
                $faults["$from $to $instead"] =
                    new Fault($file, $at->getStartLine(), $from, $to, $instead, $kind);
            }
        }

        return array_values($faults);
    }

    /** @return iterable<array{Node, string, string}> what stands there, what instead, and what sort of fault it is */
    private static function of(Node $node, string $code): iterable
    {
        $text = static fn (Node $part): string =>
            substr($code, $part->getStartFilePos(), $part->getEndFilePos() + 1 - $part->getStartFilePos());
        $class = $node::class;
        if ($node instanceof Expr\BinaryOp && isset(self::OTHER[$class])) {
            yield [$node, "({$text($node->left)}) ".self::OTHER[$class]." ({$text($node->right)})", 'operator'];
        }
        if ($node instanceof Expr\BinaryOp\Coalesce) {
            yield [$node, "({$text($node->right)})", 'null check'];
        }
        if ($node instanceof Expr\BinaryOp\Concat) {
            yield [$node, $text($node->left), 'part of a key'];
            yield [$node, $text($node->right), 'part of a key'];
        }
        if ($node instanceof Scalar\InterpolatedString && count($node->parts) > 1) {
            foreach ($node->parts as $part) {
                $part instanceof Expr && yield [$node, str_replace('{'.$text($part).'}', '', str_replace(
                    '{'.$text($part).'}',
                    '',
                    str_replace($text($part), '', $text($node)),
                )), 'part of a key'];
            }
        }
        if ($node instanceof Expr\BooleanNot) {
            yield [$node, $text($node->expr), 'operator'];
        }
        if ($node instanceof Expr\Ternary && $node->if !== null) {
            yield [$node, "({$text($node->if)})", 'branch'];
            yield [$node, "({$text($node->else)})", 'branch'];
        }
        if ($node instanceof Scalar\Int_ && $node->value < 100_000) {
            yield [$node, (string) ($node->value + 1), 'boundary'];
        }
        if ($node instanceof Expr\ConstFetch && in_array($node->name->toLowerString(), ['true', 'false'], true)) {
            yield [$node, $node->name->toLowerString() === 'true' ? 'false' : 'true', 'boundary'];
        }
        yield from self::removed($node, $text);
        yield from self::ofCalls($node, $text);
        yield from self::ofNulls($node, $text);
    }

    /**
     * @param  callable(Node): string  $text
     * @return iterable<array{Node, string, string}>
     */
    private static function removed(Node $node, callable $text): iterable
    {
        if ($node instanceof Stmt\Expression && ($node->expr instanceof Expr\MethodCall
            || $node->expr instanceof Expr\FuncCall
            || $node->expr instanceof Expr\StaticCall
            || $node->expr instanceof Expr\Assign
            || $node->expr instanceof Expr\AssignOp)
            && ! ($node->expr instanceof Expr\StaticCall && $text($node->expr->class) === 'parent')) {
            yield [$node, ';', 'removed call'];
        }
        if ($node instanceof Stmt\If_ && $node->else === null && $node->elseifs === []) {
            yield [$node, ';', 'removed branch'];
        }
        if ($node instanceof Stmt\Continue_ || $node instanceof Stmt\Break_) {
            yield [$node, ';', 'removed call'];
        }
    }

    /**
     * @param  callable(Node): string  $text
     * @return iterable<array{Node, string, string}>
     */
    private static function ofCalls(Node $node, callable $text): iterable
    {
        $calls = $node instanceof Expr\FuncCall || $node instanceof Expr\MethodCall || $node instanceof Expr\StaticCall
            || $node instanceof Expr\New_;
        $args = $calls ? array_filter($node->args, static fn (Node $arg): bool => $arg instanceof Node\Arg
            && ! $arg->unpack && $arg->name === null) : [];
        if (count($args) > 1 && isset($args[0], $args[1]) && $text($args[0]) !== $text($args[1])) {
            $swapped = $text($args[1]).', '.$text($args[0]);
            $call = $text($node);
            $from = $args[0]->getStartFilePos() - $node->getStartFilePos();
            $to = $args[1]->getEndFilePos() + 1 - $node->getStartFilePos();
            yield [$node, substr($call, 0, $from).$swapped.substr($call, $to), 'swapped arguments'];
        }
        if ($node instanceof Expr\FuncCall && $node->name instanceof Node\Name && isset($args[0])
            && in_array($node->name->toString(), self::THROUGH, true)) {
            yield [$node, $text($args[0]), 'removed call'];
        }
    }

    /**
     * @param  callable(Node): string  $text
     * @return iterable<array{Node, string, string}>
     */
    private static function ofNulls(Node $node, callable $text): iterable
    {
        if ($node instanceof Expr\NullsafeMethodCall || $node instanceof Expr\NullsafePropertyFetch) {
            $of = $text($node->var);
            yield [$node, $of.'->'.substr($text($node), strlen($of) + 3), 'null check'];
        }
        if ($node instanceof Expr\Array_ && count($node->items) > 1 && count($node->items) < 30) {
            foreach ($node->items as $item) {
                $from = $item->getStartFilePos() - $node->getStartFilePos();
                $rest = substr($text($node), $from + strlen($text($item)));
                yield [$node, substr($text($node), 0, $from).preg_replace('/^\s*,/', '', $rest), 'part left out'];
            }
        }
    }
}

/** Which tests run through which line. */
final readonly class Coverage
{
    private const OF_CORE = 200;

    /** Of the application's tests, only so many are tried: those that run through the fewest lines. */
    private const OF_THE_APPLICATION = 60;

    /**
     * @param  array<string, array<int, list<string>>>  $lines  by file and line: tests
     * @param  array<string, int>  $breadth  by test: how many lines it runs through
     */
    private function __construct(public array $lines, private array $breadth)
    {
    }

    public static function read(string $root, string $kept): self
    {
        if (! is_file($kept)) {
            fwrite(STDERR, "Looking which tests run through which line (once; $kept) …\n");
            passthru(
                'cd '
                    .escapeshellarg($root)
                    .' && php -d extension=pcov.so -d pcov.enabled=1 -d pcov.directory=core '
                    .'-d memory_limit=4G vendor/bin/phpunit -c tools/mutate.xml --no-progress --no-output '
                    .'--do-not-cache-result --coverage-php '
                    .escapeshellarg($kept),
                $status,
            );
            is_file($kept) || exit("The tests do not run. Make them green first.\n");
        }
        /** @var \SebastianBergmann\CodeCoverage\CodeCoverage $coverage */
        $coverage = require $kept;
        $lines = $breadth = [];
        foreach ($coverage->getData()->lineCoverage() as $file => $byLine) {
            foreach ($byLine as $line => $tests) {
                $lines[$file][$line] = array_values(array_unique(array_map(
                    static fn (string $test): string => (string) preg_replace('/#.*| with data set.*/s', '', $test),
                    $tests ?? [],
                )));
                foreach ($lines[$file][$line] as $test) {
                    $breadth[$test] = ($breadth[$test] ?? 0) + 1;
                }
            }
        }

        return new self($lines, $breadth);
    }

    /** @return list<string> tests that run through a piece of code; of what is only declared, those of the class */
    public function of(Fault $fault, int $lastLine): array
    {
        $tests = [];
        foreach (range($fault->line, max($fault->line, $lastLine)) as $line) {
            $tests = [...$tests, ...$this->lines[$fault->file][$line] ?? []];
        }

        $tests = array_unique($tests === []
            ? array_merge(...array_values($this->lines[$fault->file] ?? []))
            : $tests);
        usort($tests, fn (string $one, string $other): int => $this->breadth[$one] <=> $this->breadth[$other]);
        $core = array_filter($tests, static fn (string $test): bool => str_contains($test, 'Tests\\Core\\'));

        return [
            // What is only declared runs nowhere, and what is kept runs in the first test alone that asks for it.
            ...self::ofRoom($fault->file),
            ...array_slice($core, 0, self::OF_CORE),
            ...array_slice(array_diff($tests, $core), 0, self::OF_THE_APPLICATION),
        ];
    }

    /** @return list<string> the classes of tests of the room that a file lies in */
    private static function ofRoom(string $file): array
    {
        $room = explode('/', (string) strstr($file, '/core/'))[2];
        $found = [];
        foreach (new RecursiveIteratorIterator(
            new RecursiveDirectoryIterator(dirname(__DIR__)."/tests/Core/$room"),
        ) as $one) {
            if ($one instanceof SplFileInfo && str_ends_with($one->getFilename(), 'Test.php')) {
                $found[] = $one->getBasename('.php').'::';
            }
        }

        return $found;
    }
}

/** Tries faults, two at a time. */
final class Trial
{
    private const PATIENCE = 240;

    public static function start(string $root, Fault $fault, array $tests): array
    {
        $code = (string) file_get_contents($fault->file);
        $wrong = substr($code, 0, $fault->from).$fault->instead.substr($code, $fault->to);
        $place = (string) tempnam(sys_get_temp_dir(), 'fault');
        file_put_contents($place, $wrong);
        $methods = array_unique(array_map(static fn (string $test): string => preg_quote(
            substr($test, (int) strrpos('\\'.$test, '\\')),
            '/',
        ).(str_ends_with($test, '::') ? '\w+' : ''), $tests));
        $filter = '/\\\\('.implode('|', $methods).')( with data set.*)?$/';
        $process = proc_open(
            ['timeout', (string) self::PATIENCE, 'php', '-d', 'memory_limit=1G', '-d', 'opcache.enable_cli=1',
                'vendor/bin/phpunit', '-c', 'tools/mutate.xml', '--bootstrap', 'tools/mutate-bootstrap.php',
                '--no-progress', '--do-not-cache-result', '--stop-on-defect', '--order-by=default', '--filter',
                $filter],
            [1 => ['file', "$place.out", 'w'], 2 => ['file', "$place.out", 'a']],
            $pipes,
            $root,
            ['FAULT' => $place] + getenv(),
        );

        return ['fault' => $fault, 'process' => $process, 'place' => $place];
    }

    /** @return bool|null whether a test noticed it; null while it is tried */
    public static function outcome(array $trial): ?bool
    {
        $status = proc_get_status($trial['process']);
        if ($status['running']) {
            return null;
        }
        $said = (string) file_get_contents($trial['place'].'.out');
        unlink($trial['place']);
        unlink($trial['place'].'.out');

        // Cases that can no longer be drawn up are noticed before the first test runs.
        return str_contains($said, 'The data provider specified for')
            || ! str_contains($said, "\nOK (") && ! str_contains($said, 'No tests executed');
    }
}

/** A fault as it is printed. */
function said(Fault $fault, string $root, string $why = ''): string
{
    $there = substr((string) file_get_contents($fault->file), $fault->from, $fault->to - $fault->from);

    return substr($fault->file, strlen($root) + 1).":$fault->line ($fault->kind$why)\n  - "
        .preg_replace('/\s+/', ' ', $there)."\n  + ".preg_replace('/\s+/', ' ', $fault->instead)."\n";
}

$root = dirname(__DIR__);
$options = [];
$room = '';
foreach (array_slice($argv, 1) as $word) {
    preg_match('/^--(seed|faults|after|again|kept|in)=(.+)$/D', $word, $given) === 1
        ? $options[$given[1]] = $given[2]
        : $room = $word;
}
$seed = (int) ($options['seed'] ?? 1);
$most = (int) ($options['faults'] ?? 100);
$rooms = array_map(basename(...), glob("$root/core/*", GLOB_ONLYDIR) ?: []);
if (! in_array($room, $rooms, true)) {
    exit(
        'Which room? bin/mutate ROOM [--seed=1] [--faults=100] [--after=0] [--in=FILE] [--again=FILE], where ROOM is '
            .'one of '
            .implode(', ', $rooms)
            .".\n"
    );
}
$coverage = Coverage::read($root, $options['kept'] ?? sys_get_temp_dir().'/vestibra-coverage.php');
$faults = [];
foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator("$root/core/$room")) as $file) {
    if ($file instanceof SplFileInfo && $file->getExtension() === 'php'
        && str_contains($file->getPathname(), $options['in'] ?? '')
        && ! str_contains((string) file_get_contents($file->getPathname()), 'tools/families.mjs')) {
        array_push($faults, ...Faults::in($file->getPathname()));
    }
}
usort($faults, static fn (Fault $one, Fault $other): int =>
    [$one->file, $one->from, $one->to, $one->instead] <=> [$other->file, $other->from, $other->to, $other->instead]);
// Those that lived in an earlier run are tried again by what it printed; else the number that is given draws.
$again = isset($options['again'])
    ? preg_replace('/; no test [a-z ]+\)$/m', ')', (string) file_get_contents($options['again']))
    : null;
$drawn = $again === null
    ? array_slice(
        (new Randomizer(new Mt19937($seed)))->shuffleArray($faults),
        (int) ($options['after'] ?? 0),
        $most,
    )
    : array_values(array_filter($faults, static fn (Fault $fault): bool => str_contains($again, said($fault, $root))));
$lived = $running = [];
$caught = $tried = 0;
$say = static fn (Fault $fault, string $why): string => said($fault, $root, "; $why");
while ($drawn !== [] || $running !== []) {
    while ($drawn !== [] && count($running) < 2) {
        $fault = array_shift($drawn);
        $code = (string) file_get_contents($fault->file);
        $tests = $coverage->of($fault, $fault->line + substr_count(
            substr($code, $fault->from, $fault->to - $fault->from),
            "\n",
        ));
        $tests === []
            ? $lived[] = $say($fault, 'no test runs through it')
            : $running[] = Trial::start($root, $fault, $tests);
    }
    foreach ($running as $at => $trial) {
        $outcome = Trial::outcome($trial);
        if ($outcome !== null) {
            unset($running[$at]);
            $outcome ? $caught++ : $lived[] = $say($trial['fault'], 'no test fails');
            fwrite(STDERR, $outcome ? '.' : 'L');
        }
    }
    usleep(5_000);
}
fwrite(STDERR, "\n");
echo implode("\n", $lived), "\n$room, seed $seed: $caught of ".($caught + count($lived))." faults were caught.\n";
