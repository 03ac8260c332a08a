/** What a build's brackets and hoses are cut from, and what is bought for it. */
package roadbreeze.server.buying;
