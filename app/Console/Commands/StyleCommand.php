<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Contract\StyleLearning;
use Illuminate\Console\Command;

/** A house style learned from somebody's own lines, at the command line. */
final class StyleCommand extends Command
{
    /** More than this is no example. */
    private const LONGEST = 1_000_000;

    protected $signature = 'runel:style {--learn : Read a problem and its lines as JSON, write the style they are in}';

    protected $description = 'Learn a house style from lines written in it';

    public function handle(StyleLearning $learning): int
    {
        if ($this->option('learn') !== true) {
            $this->error('runel:style reads an example: php artisan runel:style --learn < lines.json');

            return self::INVALID;
        }
        $text = (string) stream_get_contents(\STDIN, self::LONGEST);
        $request = json_decode($text, true, 16);
        $answer = $learning->answer(\is_array($request) ? $request : []);
        $this->output->writeln((string) json_encode(
            $answer,
            \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES,
        ), \Symfony\Component\Console\Output\OutputInterface::OUTPUT_RAW);

        return isset($answer['error']) ? 2 : self::SUCCESS;
    }
}
