<?php

declare(strict_types=1);

namespace App\Console;

use App\Demonstrations\Demonstrations;
use App\Faces\Faces;
use App\Faces\Format;
use App\Faces\JsonFace;
use App\Faces\Wording;
use Runel\Demonstration\Forecast;
use Runel\Demonstration\Task;
use Runel\Message\Message;
use Runel\Method\Offer;

/** The jobs and methods a problem has, with their forecasts or the reasons why not. */
final readonly class Listing
{
    public function __construct(private Demonstrations $demonstrations, private Faces $faces) {}

    public function write(Task $task, Format $format): string
    {
        $wording = $this->faces->text($task->style);
        $offers = $this->demonstrations->offers($task);

        $jobs = $this->demonstrations->jobs($task->problem);

        return $format === Format::Json
            ? self::json($task, $jobs, $offers, $wording)
            : self::text($jobs, $offers, $wording);
    }

    /**
     * @param list<string> $jobs
     * @param list<Offer>  $offers
     */
    private static function json(Task $task, array $jobs, array $offers, Wording $wording): string
    {
        return json_encode([
            'runel' => JsonFace::SCHEMA,
            'problem' => $task->problem->source,
            'jobs' => $jobs,
            'methods' => array_map(static fn(Offer $offer): array => [
                'job' => $offer->method->job(),
                'method' => $offer->method->id(),
            ]
                + ($offer->forecast !== null ? ['applies' => true, 'forecast' => JsonFace::forecast(
                    $offer->forecast,
                    $wording,
                )] : [])
                + ($offer->refusal !== null ? [
                    'applies' => false,
                    'reason' => $wording->say($offer->refusal->reason),
                ] : []), $offers),
        ], \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES);
    }

    /**
     * @param list<string> $jobs
     * @param list<Offer>  $offers
     */
    private static function text(array $jobs, array $offers, Wording $wording): string
    {
        $text = '';
        foreach ($jobs as $job) {
            $text .= $job . "\n";
            foreach (array_filter($offers, static fn(Offer $offer): bool => $offer->method->job() === $job) as $offer) {
                $text .= \sprintf("  %-15s %s\n", $offer->method->id(), match (true) {
                    $offer->forecast !== null => self::cost($offer->forecast, $wording) . $wording->say(
                        $offer->forecast->advice,
                    ),
                    default => '– ' . $wording->say($offer->refusal->reason ?? Message::of('error.failed')),
                });
            }
        }

        return $text;
    }

    private static function cost(Forecast $forecast, Wording $wording): string
    {
        $steps = $wording->say(Message::of('ui.steps', ['count' => $forecast->steps]));
        $trials = $forecast->trials === 0 ? '' : ', ' . $wording->say(Message::of('ui.trials', [
            'count' => $forecast->trials,
        ]));

        return "$steps$trials. ";
    }
}
