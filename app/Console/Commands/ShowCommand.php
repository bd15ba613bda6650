<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\Batch;
use App\Console\Listing;
use App\Contract\Requested;
use App\Faces\Faces;
use App\Faces\Format;
use Illuminate\Console\Command;
use Runel\Message\BadRequest;
use Runel\Message\Message;
use Runel\Message\Refusal;
use Symfony\Component\Console\Output\ConsoleOutputInterface;
use Symfony\Component\Console\Output\OutputInterface;

/** Demonstrations at the command line: the contract of every test against it. */
final class ShowCommand extends Command
{
    private const REFUSED = 2;

    protected $signature = 'runel:show
        {problem? : The problem, as people type it}
        {--job= : A job\'s id}
        {--method= : A method\'s id}
        {--style=* : key=value, as often as needed}
        {--choose=* : key=value: a choice inside the demonstration, as often as needed}
        {--format=text : text, json, latex, markdown or speech}
        {--list : The jobs and methods the problem has, with forecasts}
        {--batch : Read NDJSON requests, write NDJSON demonstrations}';

    protected $description = 'Show a problem worked step by step';

    public function handle(Requested $requested, Batch $batch, Listing $listing, Faces $faces): int
    {
        if ($this->option('batch') === true) {
            $batch->run(\STDIN, \STDOUT, $requested->answer(...));

            return self::SUCCESS;
        }
        try {
            $reference = $requested->reference($this->request());
            $format = $this->format();
            $text = $this->option('list') === true
                ? $listing->write($reference->task(), $format)
                : $faces->face($format)->write($requested->demonstration($reference));
        } catch (Refusal $refusal) {
            return $this->refuse($requested, $refusal);
        }
        $this->output->write(rtrim($text) . "\n", false, OutputInterface::OUTPUT_RAW);

        return self::SUCCESS;
    }

    /** @return array<string, mixed> */
    private function request(): array
    {
        return array_filter([
            'problem' => $this->argument('problem'),
            'job' => $this->option('job'),
            'method' => $this->option('method'),
            'style' => $this->pairs('style'),
            'choices' => $this->pairs('choose'),
        ], static fn(mixed $value): bool => $value !== null);
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

    private function format(): Format
    {
        $format = $this->option('format');
        $format = \is_string($format) ? $format : '';

        return Format::tryFrom($format) ?? throw new BadRequest(Message::of('error.bad-format', [
            'found' => mb_substr($format, 0, 40), 'values' => implode(', ', array_column(Format::cases(), 'value')),
        ]));
    }

    private function refuse(Requested $requested, Refusal $refusal): int
    {
        $error = $requested->error($refusal)['error'];
        $place = $error['at'] === null ? '' : " (character {$error['at']})";
        $output = $this->output->getOutput();
        ($output instanceof ConsoleOutputInterface ? $output->getErrorOutput() : $output)
            ->write("{$error['code']}$place: {$error['message']}\n", false, OutputInterface::OUTPUT_RAW);

        return self::REFUSED;
    }
}
