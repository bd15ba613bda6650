<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Demonstrations\Demonstrations;
use App\Demonstrations\RequestedDemonstration;
use App\Faces\Face;
use App\Faces\Faces;
use App\Faces\JsonFace;
use App\Faces\TextFace;
use Illuminate\Console\Command;
use Runel\Demonstration\Task;
use Runel\Message\BadRequest;
use Runel\Message\Message;
use Runel\Message\Refusal;
use Runel\Method\Offer;
use Runel\Problem\Job;
use Symfony\Component\Console\Output\ConsoleOutputInterface;
use Symfony\Component\Console\Output\OutputInterface;

/** Demonstrations at the command line: the contract of DESIGN and of every test against it. */
final class ShowCommand extends Command
{
    private const FORMATS = ['text', 'json', 'latex', 'markdown', 'speech'];
    private const REFUSED = 2;
    /** Bytes of one batch line; longer ones are answered as bad requests without being read whole. */
    private const LINE = 65536;

    protected $signature = 'runel:show
        {problem? : The problem, as people type it}
        {--job= : A job\'s id}
        {--method= : A method\'s id}
        {--style=* : key=value, as often as needed}
        {--first= : Which two factors to multiply first, as 1-3}
        {--split= : Which number of a split comes first, small or large}
        {--by= : The way to factor when solving}
        {--format=text : text, json, latex, markdown or speech}
        {--list : The jobs and methods the problem has, with forecasts}
        {--batch : Read NDJSON requests, write NDJSON demonstrations}';

    protected $description = 'Show a problem worked step by step';

    public function handle(RequestedDemonstration $requested, Demonstrations $demonstrations, Faces $faces): int
    {
        if ($this->option('batch') === true) {
            return $this->batch($requested);
        }
        try {
            $request = $this->request();
            $format = (string) $this->stringOption('format');
            if (!\in_array($format, self::FORMATS, true)) {
                throw new BadRequest(Message::of('error.bad-format', ['found' => mb_substr($format, 0, 40), 'values' => implode(', ', self::FORMATS)]));
            }
            $text = $this->option('list') === true
                ? $this->listing($requested->task($request), $demonstrations, $faces, $format)
                : $this->face($format, $faces)->write($requested->demonstration($request));
        } catch (Refusal $refusal) {
            return $this->refuse($requested, $refusal);
        }
        $this->output->write(rtrim($text) . "\n", false, OutputInterface::OUTPUT_RAW);

        return self::SUCCESS;
    }

    /** @return array<string, mixed> */
    private function request(): array
    {
        $style = [];
        $pairs = $this->option('style');
        foreach (\is_array($pairs) ? $pairs : [] as $pair) {
            [$key, $value] = explode('=', (string) $pair, 2) + [1 => ''];
            $style[$key] = $value;
        }

        return [
            'problem' => $this->argument('problem'),
            'job' => $this->stringOption('job'),
            'method' => $this->stringOption('method'),
            'first' => $this->stringOption('first'),
            'split' => $this->stringOption('split'),
            'by' => $this->stringOption('by'),
            'style' => $style,
        ];
    }

    private function face(string $format, Faces $faces): Face
    {
        return match ($format) {
            'json' => new JsonFace($faces),
            'latex' => new \App\Faces\LatexFace($faces),
            'markdown' => new \App\Faces\MarkdownFace($faces),
            'speech' => TextFace::spoken($faces),
            default => TextFace::plain($faces),
        };
    }

    private function listing(Task $task, Demonstrations $demonstrations, Faces $faces, string $format): string
    {
        $wording = $faces->text($task->style);
        $offers = $demonstrations->offers($task);
        if ($format === 'json') {
            return json_encode([
                'runel' => JsonFace::SCHEMA,
                'problem' => $task->problem->source,
                'jobs' => array_map(static fn(Job $job): string => $job->value, $task->problem->jobs),
                'methods' => array_map(static fn(Offer $offer): array => ['job' => $offer->method->job()->value, 'method' => $offer->method->id()]
                    + ($offer->forecast !== null ? ['applies' => true, 'forecast' => JsonFace::forecast($offer->forecast, $wording)] : [])
                    + ($offer->refusal !== null ? ['applies' => false, 'reason' => $wording->say($offer->refusal)] : []), $offers),
            ], \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES);
        }
        $text = '';
        foreach ($task->problem->jobs as $job) {
            $text .= $job->value . "\n";
            foreach ($offers as $offer) {
                if ($offer->method->job() === $job) {
                    $text .= \sprintf("  %-15s %s\n", $offer->method->id(), match (true) {
                        $offer->forecast !== null => "{$offer->forecast->steps} steps" . ($offer->forecast->trials > 0 ? ", {$offer->forecast->trials} " . ($offer->forecast->trials === 1 ? 'trial' : 'trials') : '') . '. ' . $wording->say($offer->forecast->advice),
                        $offer->refusal !== null => '– ' . $wording->say($offer->refusal),
                        default => '',
                    });
                }
            }
        }

        return $text;
    }

    /** One request a line, one answer a line, nothing kept. */
    private function batch(RequestedDemonstration $requested): int
    {
        while (($line = fgets(\STDIN, self::LINE)) !== false) {
            $whole = str_ends_with($line, "\n") || feof(\STDIN);
            while (!$whole && ($rest = fgets(\STDIN, self::LINE)) !== false && !str_ends_with($rest, "\n")) {
                continue;
            }
            if ($whole && trim($line) === '') {
                continue;
            }
            try {
                $request = $whole ? json_decode($line, true, 16) : null;
                $answer = $requested->data(\is_array($request) && str_starts_with(ltrim($line), '{') ? $request : throw new BadRequest(Message::of('error.not-json')));
            } catch (Refusal $refusal) {
                $answer = $requested->error($refusal);
            }
            fwrite(\STDOUT, json_encode($answer, \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES | \JSON_INVALID_UTF8_SUBSTITUTE) . "\n");
        }

        return self::SUCCESS;
    }

    private function refuse(RequestedDemonstration $requested, Refusal $refusal): int
    {
        $error = $requested->error($refusal)['error'];
        $place = $error['at'] === null ? '' : " (character {$error['at']})";
        $output = $this->output->getOutput();
        ($output instanceof ConsoleOutputInterface ? $output->getErrorOutput() : $output)
            ->write("{$error['code']}$place: {$error['message']}\n", false, OutputInterface::OUTPUT_RAW);

        return self::REFUSED;
    }

    private function stringOption(string $name): ?string
    {
        $value = $this->option($name);

        return \is_string($value) ? $value : null;
    }
}
