<?php

declare(strict_types=1);

namespace App\Contract;

use App\Faces\Faces;
use App\Values\Given;
use Runel\Learning\Example;
use Runel\Learning\Learned;
use Runel\Learning\StyleLearner;
use Runel\Message\BadRequest;
use Runel\Message\Message;
use Runel\Message\OutOfReach;
use Runel\Message\Refusal;
use Runel\Method\Catalogue;
use Runel\Style\HouseStyle;

/** The contract for learning a house style: examples in, the habits that write their lines out. Nothing is kept. */
final readonly class StyleLearning
{
    private const MOST = 6;

    public function __construct(private Requested $requested, private Catalogue $catalogue, private Faces $faces) {}

    /**
     * @param array<array-key, mixed> $request problem and lines, or under "examples" several of both; optionally job
     *
     * @return array<string, mixed> style, method, how many lines are written, and those that are not; or the error
     */
    public function answer(array $request): array
    {
        try {
            return $this->data($this->learned($request));
        } catch (Refusal $refusal) {
            return $this->requested->error($refusal);
        } catch (\Throwable $fault) {
            report($fault);

            return $this->requested->error(new OutOfReach(Message::of('error.failed')));
        }
    }

    /**
     * @param array<array-key, mixed> $request as above
     *
     * @throws Refusal with the reason
     */
    public function learned(array $request): Learned
    {
        $given = Given::of($request);
        $examples = [];
        foreach ($given->has('examples') ? $given->each('examples') : [$given] as $one) {
            $examples[] = $this->example($one, $given->said('job'));
        }
        if ($examples === [] || \count($examples) > self::MOST) {
            throw new BadRequest(Message::of('learning.examples', ['most' => self::MOST]));
        }
        foreach ($examples as $example) {
            if ($example->job !== $examples[0]->job) {
                throw new BadRequest(Message::of('learning.jobs'));
            }
        }

        return StyleLearner::learn($this->catalogue, $examples);
    }

    /** @throws Refusal */
    private function example(Given $given, ?string $job): Example
    {
        $lines = $given->list('lines');
        if ($given->said('problem') === null || array_filter($lines, is_string(...)) !== $lines) {
            throw new BadRequest(Message::of('learning.lines', ['most' => Example::MOST_LINES]));
        }

        return StyleLearner::example(
            $this->catalogue,
            $given->text('problem', 500),
            array_values(array_filter($lines, is_string(...))),
            $given->said('job') ?? $job,
        );
    }

    /** @return array<string, mixed> */
    private function data(Learned $learned): array
    {
        $wording = $this->faces->text(HouseStyle::default());
        $unmatched = [];
        $wrong = [];
        foreach ($learned->examples as $number => $example) {
            foreach ($learned->unmatched($number) as $place) {
                $unmatched[] = $example->lines[$place]->typed;
            }
            foreach ($example->wrong() as $place) {
                $wrong[] = [
                    'line' => $example->lines[$place]->typed,
                    'message' => $wording->say($example->lines[$place]->say),
                ];
            }
        }

        return [
            'runel' => 1,
            'style' => (object) ($learned->count() === 0 ? [] : $learned->style->chosen()),
            'job' => $learned->job,
            'method' => $learned->method,
            'matched' => $learned->count(),
            'of' => $learned->lines(),
            'unmatched' => $unmatched,
        ] + ($wrong === [] ? [] : ['wrong' => $wrong])
            + ($learned->contradicted === [] ? [] : ['contradicting' => $learned->contradicted]);
    }
}
