<x-door title="This link no longer works">
    <p>Each link works once: an invitation for one week, a password link for one hour. Ask for a new one.</p>
    <p><a href="/sign-in">Sign in</a></p>
</x-door>
