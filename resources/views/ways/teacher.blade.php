<x-page :title="$address->problem()" body="compares">
    <x-masthead>
        <h1 class="board-problem" tabindex="0">{!! $page->maths($both->left->task->problem->node) !!}</h1>
        <p class="board-method">{{ __('compare.teacher') }}</p>
    </x-masthead>
    <main id="work" class="compare-desk">
        @if ($values === [])
            <p class="notice">{{ __('compare.no-habit') }}</p>
        @else
            <form action="{{ route('teachers', [], false) }}" method="get" class="compare-ask">
                @foreach ($address->query(['step' => null, 'ask' => null, 'present' => null]) as $name => $value)
                    <input type="hidden" name="{{ $name }}" value="{{ $value }}">
                @endforeach
                @foreach ($values as $key => $list)
                    <label>{{ __("style.key.$key") }}
                        <span class="select"><select name="other[{{ $key }}]">
                            @foreach ($list as $value)
                                <option value="{{ $value }}" @selected($other->all()[$key]
                                    === $value)>{{ __("style.value.$key.$value") }}</option>
                            @endforeach
                        </select></span></label>
                @endforeach
                <button class="button ask-go">{{ __('compare.go') }}</button>
            </form>
            <p class="compare-said" role="status">{{ trans_choice('compare.differing', $both->differing()) }}
                @foreach ($values as $key => $list)
                    @if ($other->all()[$key] !== $list[0])
                        <span class="compare-key"><strong>{{ __("style.key.$key") }}</strong>:
                            {{ __("style.value.$key.$list[0]") }} ·
                            {{ __("style.value.$key." . $other->all()[$key]) }}</span>
                    @endif
                @endforeach
            </p>
        @endif
        <x-compared :both="$both" :leftpage="$page" :rightpage="$beside" :lefthead="__('compare.ours')"
            :righthead="__('compare.theirs')" />
        <p><a class="button" id="pen-leave" href="{{ $address->to('board') }}">{{ __('ui.to-board') }}
            <kbd>Esc</kbd></a></p>
    </main>
</x-page>
