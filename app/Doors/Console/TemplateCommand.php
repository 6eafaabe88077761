<?php

declare(strict_types=1);

namespace Vestibra\App\Doors\Console;

use Illuminate\Console\Command;
use Vestibra\App\Reach\Trees\StoredDrafts;
use Vestibra\App\Records\Models\Template;
use Vestibra\App\Records\Models\User;
use Vestibra\App\Work\Templates\Exchange;
use Vestibra\Core\Composing\Composer;
use Vestibra\Core\Fitting\NewEffects;
use Vestibra\Core\Formats\FileFormatProblem;
use Vestibra\Core\Formats\TemplateSchema;

final class TemplateCommand extends Command
{
    use SaysProblems;

    private const MOST_BYTES = 5_000_000;

    protected $signature = 'vestibra:template {what : import, export, schema, or otherwise: what may look otherwise '
        .'since the upgrade} {which? : export: its number or name; import: a file, - for standard input} '
        .'{--with-reach : import: take over where it is to appear} {--json}';

    protected $description = 'Writes one template as JSON, or reads one; an import is a draft that appears nowhere';

    public function handle(Exchange $exchange, Composer $composer, StoredDrafts $stored): int
    {
        return match ($this->text('what')) {
            'export' => $this->export($exchange),
            'import' => $this->import($exchange),
            'otherwise' => $this->otherwise($composer, $stored),
            'schema' => $this->json((new TemplateSchema($composer->schema))->toArray()),
            default => $this->refuse('Say “import”, “export”, “schema” or “otherwise”.'),
        };
    }

    /** Settings of live templates that did nothing before and do something now. */
    private function otherwise(Composer $composer, StoredDrafts $stored): int
    {
        $rows = [];
        foreach (Template::query()->toBase()->whereNotNull('live_tree')->where('let_go_at', null)->orderBy('name')
            ->get(['id', 'name', 'live_tree']) as $template) {
            foreach (NewEffects::in($stored->tree(json_decode((string) $template->live_tree, true))) as $found) {
                $label = $composer->schema->definition($found['kind'])->name ?? $found['kind'];
                $rows[] = ['template' => (string) $template->name, 'block' => $label, 'setting' => $found['setting']];
            }
        }
        if ($this->option('json')) {
            return $this->json(['settings' => $rows]);
        }
        foreach ($rows as $row) {
            $this->line("“{$row['template']}”: {$row['block']}, {$row['setting']}");
        }

        return $this->said($rows === []
            ? 'Every live template looks as before.'
            : 'These settings did nothing before and do something now.');
    }

    private function export(Exchange $exchange): int
    {
        $asked = $this->text('which');
        $template = Template::query()->where('let_go_at', null)->where(
            static fn ($query) => $query->where('name', $asked)->orWhere('id', ctype_digit($asked) ? (int) $asked : 0),
        )->first();

        return $template === null
            ? $this->refuse("There is no template called “{$asked}”. Give its name or its number.")
            : $this->json($exchange->export($template));
    }

    private function import(Exchange $exchange): int
    {
        $file = $this->text('which');
        $text = @file_get_contents($file === '-' ? 'php://stdin' : $file, length: self::MOST_BYTES + 1);
        if ($text === false) {
            return $this->refuse("The file “{$file}” cannot be read.");
        }
        $data = strlen($text) > self::MOST_BYTES ? null : json_decode($text, true, 64);
        if ($data === null && strlen($text) <= self::MOST_BYTES) {
            return $this->problems([FileFormatProblem::NotJson->at('', ['why' => lcfirst(json_last_error_msg())])]);
        }
        $done = $exchange->import(
            $data,
            User::query()->where('role', User::OWNER)->oldest('id')->firstOrFail(),
            (bool) $this->option('with-reach'),
        );
        if (is_array($done)) {
            return $this->problems($done);
        }

        return $this->option('json')
            ? $this->json(['id' => $done->id, 'name' => $done->name])
            : $this->said("“{$done->name}” is a draft now (number {$done->id}). It appears nowhere yet.");
    }

    private function said(string $words): int
    {
        $this->info($words);

        return self::SUCCESS;
    }
}
