<?php

declare(strict_types=1);

namespace App\Contract;

use App\Address\Standing;
use App\Demonstrations\Demonstrations;
use App\Faces\Faces;
use App\Faces\FigureWriting;
use App\Faces\JsonFace;
use Runel\Demonstration\Demonstration;
use Runel\Demonstration\TaskReference;
use Runel\Message\BadRequest;
use Runel\Message\Message;
use Runel\Message\OutOfReach;
use Runel\Message\Refusal;
use Runel\Method\Catalogue;
use Runel\Method\Choice;
use Runel\Style\HouseStyle;

/** The contract for machines: a request as a map in, a demonstration or an error as a map out. */
final readonly class Requested
{
    public function __construct(
        private Demonstrations $demonstrations,
        private Catalogue $catalogue,
        private JsonFace $json,
        private Faces $faces,
    ) {}

    /**
     * @param array<array-key, mixed> $request problem, and optionally job, method, style (a map) and choices (a map)
     *
     * @throws Refusal with the contract's code
     */
    public function reference(array $request): TaskReference
    {
        $style = $request['style'] ?? [];
        $choices = $request['choices'] ?? [];
        if (\is_array($style) && \is_array($choices) && ($style !== [] || $choices !== [])) {
            // A standing choice may be named among the style, since it is kept with it.
            $standing = array_diff_key(Standing::table($this->catalogue), HouseStyle::table());
            $choices += array_intersect_key($style, $standing);
            $request['style'] = array_diff_key($style, $standing);
            $request['choices'] = $choices;
        }
        $reference = TaskReference::fromArray($request);
        foreach ($reference->choices as $key => $value) {
            $this->judgeChoice($key, $value);
        }

        return $reference;
    }

    /** @throws Refusal with the contract's code */
    public function demonstration(TaskReference $reference): Demonstration
    {
        return $this->demonstrations->of($reference->task(), $reference->job, $reference->method);
    }

    /**
     * @param array<array-key, mixed> $request that of a reference, and optionally how figures are written
     *
     * @return array<string, mixed> the demonstration or the error
     */
    public function answer(array $request): array
    {
        try {
            $figures = self::figures($request['figures'] ?? FigureWriting::Whole->value);
            unset($request['figures']);

            return $this->json->data($this->demonstration($this->reference($request)), $figures);
        } catch (Refusal $refusal) {
            return $this->error($refusal);
        } catch (\Throwable $fault) {
            report($fault);

            return $this->error(new OutOfReach(Message::of('error.failed')));
        }
    }

    /** @return array{error: array{code: string, message: string, at: int|null}} */
    public function error(Refusal $refusal): array
    {
        return ['error' => [
            'code' => $refusal->code(),
            'message' => $this->faces->text(HouseStyle::default())->say($refusal->reason),
            'at' => $refusal->at,
        ]];
    }

    /** @throws BadRequest */
    private static function figures(mixed $name): FigureWriting
    {
        $name = \is_string($name) ? $name : '';

        return FigureWriting::tryFrom($name) ?? throw new BadRequest(Message::of('error.bad-figures', [
            'found' => mb_substr($name, 0, 40),
            'values' => implode(', ', array_column(FigureWriting::cases(), 'value')),
        ]));
    }

    private function judgeChoice(string $key, string $value): void
    {
        $known = array_filter($this->catalogue->choices(), static fn(Choice $choice): bool => $choice->key === $key);
        $choice = array_shift($known) ?? throw new BadRequest(Message::of('error.choice-key', [
            'found' => mb_substr($key, 0, 40),
        ]));
        if ($choice->values !== null && !\in_array($value, $choice->values, true)) {
            throw new BadRequest(Message::of(
                'error.choice-value',
                ['key' => $key, 'found' => mb_substr($value, 0, 40), 'values' => implode(', ', $choice->values)],
            ));
        }
    }
}
