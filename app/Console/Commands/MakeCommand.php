<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\Refuses;
use App\Contract\Requested;
use App\Contract\Sets;
use App\Faces\Faces;
use App\Sets\SetFile;
use Illuminate\Console\Command;
use Runel\Message\BadRequest;
use Runel\Message\Message;
use Runel\Message\Refusal;
use Runel\Style\HouseStyle;
use Symfony\Component\Console\Output\OutputInterface;

/** Problems made to order at the command line. */
final class MakeCommand extends Command
{
    use Refuses;

    private const FORMATS = [
        'json' => 'json', 'text' => 'txt', 'latex' => 'tex', 'markdown' => 'md', 'csv' => 'csv', 'qti' => 'zip',
    ];

    protected $signature = 'runel:make
        {--skill= : A skill\'s id}
        {--rung= : A rung, as 3, or several, as 2-4; left out, all of them}
        {--count=10 : How many problems}
        {--seed=1 : The same seed makes the same problems}
        {--defaults= : The number of the defaults they were made under, as JSON tells it; left out, the present ones}
        {--wish=* : key=value: letters, largest, whole, method, trials, trap}
        {--style=* : key=value, as often as needed}
        {--format=text : text, json, latex, markdown, csv or qti}
        {--skills : The skills and their rungs}';

    protected $description = 'Make problems to order';

    public function handle(Sets $sets, SetFile $file, Requested $requested, Faces $faces): int
    {
        try {
            $format = $this->option('format');
            if (!\is_string($format) || !isset(self::FORMATS[$format])) {
                throw new BadRequest(Message::of('practice.format', ['found' => \is_string($format) ? $format : '']));
            }
            $text = $this->option('skills') === true
                ? $this->skills($sets, $format)
                : $this->made($sets, $file, $format);
        } catch (Refusal $refusal) {
            return $this->refuse($requested->error($refusal)['error']['message']);
        }
        $this->output->write(
            $format === 'qti' ? $text : rtrim($text) . "\n",
            false,
            OutputInterface::OUTPUT_RAW,
        );

        return self::SUCCESS;
    }

    /** @throws Refusal */
    private function made(Sets $sets, SetFile $file, string $format): string
    {
        $text = fn(string $option): string => \is_string($this->option($option)) ? $this->option($option) : '';
        $style = HouseStyle::of($this->pairs('style'));
        $set = $sets->made([
            'skill' => $text('skill'),
            'rung' => $text('rung'),
            'count' => $text('count'),
            'seed' => $text('seed'),
            'defaults' => $text('defaults') === '' ? (string) HouseStyle::DEFAULTS : $text('defaults'),
            'wish' => $this->pairs('wish'),
        ], $style);

        return $file->write($set->items, self::FORMATS[$format], $style, $set->query);
    }

    private function skills(Sets $sets, string $format): string
    {
        $skills = $sets->skills();
        if ($format === 'json') {
            return json_encode($skills, \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_SLASHES);
        }
        $text = '';
        foreach ($skills['skills'] as $skill) {
            $text .= "{$skill['skill']} ({$skill['job']} {$skill['method']})\n";
            foreach ($skill['rungs'] as $rung) {
                $text .= "  {$rung['rung']} " . ($rung['adds'] ?? 'the simplest') . "\n";
            }
        }

        return $text;
    }

    /** @return array<string, string> */
    private function pairs(string $option): array
    {
        $pairs = [];
        foreach ((array) $this->option($option) as $pair) {
            [$key, $value] = explode('=', \is_string($pair) ? $pair : '', 2) + [1 => ''];
            $pairs[$key] = $value;
        }

        return $pairs;
    }
}
