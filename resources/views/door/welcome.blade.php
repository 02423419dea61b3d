<x-door :title="$fresh ? 'Join '.$household : 'Choose a new password'">
    @isset($wrong)
        <p role="alert"><b>{{ $wrong }}</b></p>
    @endisset
    @if ($fresh)
        <p>{{ $first ? 'You and the people you invite share' : 'You will share' }} the reels, lines, plans and log of “{{ $household }}”. You sign in with your email address and a password.</p>
    @endif
    <form method="post" action="/welcome/{{ $token }}">
        @if ($fresh)
            <p><label for="name">Your name</label>
                <input id="name" name="name" value="{{ $name }}" maxlength="60" autocomplete="name" aria-describedby="bench" required>
                <small id="bench">You have your own preferences, units and pace under this name.</small></p>
            <p><label for="email">Email</label>
                <input id="email" name="email" type="email" value="{{ $email }}" maxlength="200" autocomplete="username" required></p>
        @else
            <input type="hidden" name="email" value="{{ $email }}" autocomplete="username">
        @endif
        <p><label for="password">{{ $fresh ? 'Password' : 'New password' }}</label>
            <input id="password" name="password" type="password" minlength="{{ App\Households\Person::LEAST_PASSWORD }}" autocomplete="new-password" aria-describedby="long" required>
            <small id="long">At least {{ App\Households\Person::LEAST_PASSWORD }} characters. A few words make a good password.</small></p>
        <p><button>{{ $fresh ? 'Join' : 'Save password' }}</button></p>
    </form>
    @unless ($fresh)
        <p><small>This signs you out everywhere else.</small></p>
    @endunless
</x-door>
