<?php

declare(strict_types=1);

namespace App\Demonstrations;

use App\Faces\Faces;
use App\Faces\JsonFace;
use App\Http\Address;
use Runel\Demonstration\Demonstration;
use Runel\Demonstration\Task;
use Runel\Message\BadRequest;
use Runel\Message\Message;
use Runel\Message\Refusal;
use Runel\Problem\Problem;
use Runel\Style\HouseStyle;

/** The contract for machines: a request as a map in, a demonstration or an error as a map out. */
final readonly class RequestedDemonstration
{
    public function __construct(private Demonstrations $demonstrations, private JsonFace $json, private Faces $faces) {}

    /**
     * @param array<array-key, mixed> $request problem, and optionally job, method, style (a map) and the tutor's choices
     *
     * @throws Refusal with the contract's code
     */
    public function demonstration(array $request): Demonstration
    {
        return $this->demonstrations->of($this->task($request), self::text($request, 'job'), self::text($request, 'method'));
    }

    /**
     * @param array<array-key, mixed> $request
     *
     * @return array<string, mixed>
     *
     * @throws Refusal with the contract's code
     */
    public function data(array $request): array
    {
        return $this->json->data($this->demonstration($request));
    }

    /**
     * @param array<array-key, mixed> $request
     *
     * @throws Refusal when the problem or the style cannot be read
     */
    public function task(array $request): Task
    {
        $style = $request['style'] ?? [];
        if (!\is_array($style)) {
            throw new BadRequest(Message::of('error.style-not-object'));
        }
        $problem = self::text($request, 'problem') ?? throw new BadRequest(Message::of('error.no-problem'));
        $choices = [];
        foreach (Address::CHOICES as $choice) {
            $value = self::text($request, $choice);
            if ($value !== null) {
                $choices[$choice] = $value;
            }
        }

        return new Task(Problem::read($problem), HouseStyle::of($style), $choices);
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

    /** @param array<array-key, mixed> $request */
    private static function text(array $request, string $key): ?string
    {
        $value = $request[$key] ?? null;
        if ($value !== null && !\is_string($value)) {
            throw new BadRequest(Message::of('error.not-string', ['key' => $key]));
        }

        return $value;
    }
}
